/** What clients wrote in the test sets that have been retired, as it is read. Made by scripts/retire.ts. */
export const MET = String.raw`
= book
hiya could you squeeze me in for a <service> <day> <time>
looking to book <service> with <staff> <day> <time>
my knee has been killing me i'd like to see a <service> <day>
book me a <service> <places> <day>
<places> want to do the <service> <day>
i want to book a <service> for my son <day>
need a <service> with <staff> <day> name is <name> <phone>
<service> asap please
can i come in <day> <time> for a <service>
could i get an appointment for a <service> <day>
hi i need <service> <day>
book me with <staff> <day>
so i was wondering if i could like book a <service>
yeah hi so *basically i've hurt my shoulder *skiing and my wife said i should get it looked at could i see <staff> some time <day>?
i wanna come in for a <service> never been before
sign me up <day> s <service> <time>
can i have <length> with <staff> on <day> <time>
reserve <places> in <service>
i'd love a <service> for <length> not with <staff> though
any day but <day> works for <service>
<day> or <day> for a <service> <time> are best
hi i'd like to get my <service> <day>
book an <service> with <staff> <day> <time>
i need my <service> some day <day> <time>
can you fit my daughter in for a <service> on <day>
my <service> are bent can i pop in <time> <day>
<length> of <service> treatment with <staff> <day> or <day>
i'd like to <service> this is <name> <phone>
can you see me <day> for a <service> on my glasses
*g'day need a <service> for my *labradoodle <day> <time>
can i book the dog in for a <service> <day> <time>
<service> with <staff> <day> <time>
my *cattle dog is <service> everywhere can someone sort her out <day>
we've just got a puppy and would like his <service> with <staff>
<places> at the <service> <day> please
<service> for my *spaniel <day> or <day>
could <staff> do a <service> <day> <time>
hi it's <name> <phone> after a <length> <service> <day>
book <places> in for <service> <day> <time>
i'd like to book a <service> for <length> <day>
can i get <places> in the *matt <service> <day>
book <time> with <staff> a <service>
one <service> <day> no wait <day> <time>
<service> with *joe king <day> <time>
could i get in with <staff> <day> for <length> of <service>
i'd love to have my running <service> on <day>
after a knee <service> <day> <time>
<service> need somebody to see my wrist asap
put my name down <day> s <service>
pop me in for <service> <day> some time <time>
looking for a <service> with <staff> <day>
my doctor said i should get <service> for my heel could you arrange that
hiya can you do a <length> <service> <day> <time> thanks
need to get my back sorted what can you do for me <day>
any <service> therapist <day> <time> will do
one of the <length> <service> <day> please
could my daughter come for <service> <day> <time>
hi <name> here <phone> i'd like <service> <day> <time>
so i was thinking maybe like a <service> <day> <time>
can i come too <day> <time>
i want for sessions of <service>
book with <staff> <day> <time> <service>
<service> <day> no sorry <day> with <staff>
<service> with <staff> <day>
hi can i book a <length> <service> with <staff> <day>
i'd like to start *learning to <service> +automatic please
my son wants a <service> in a +manual <day> <time>
sign <places> up <day> s <service>
passed last month and want some <service>
haven't +driven in ten years could i get a <service> <day> <time>
<places> at the <service> on <day> i'm <name> <phone>
hello we'd like a <service> <day> <time>
please book <service> <day> <time>
i need a new <service> <day> any +photographer
can <staff> do my <service> <day> <time>
we're getting married <day> and would like to <service> <staff> <day>
book <staff> for <length> with the <service> any day but <day>
<service> <day> or <day> early
can i book something for my shoulder with <staff> <day>
<places> for <service> <day> please
<service> <day> as early as you can
could you fit my mother in for <service> before <day>
i need <length> with <staff> <day> or <day> <time>
<service> on my knee before the *race <day> so by <day>
i want <service> except <day>
need <places> before my test <day>
book me the <service> for <length> <day> <time>
<service> with <staff> <day> <length> <time>
could <staff> take me on the <service>
a <service> with <staff> <time> <day> please
we want to come and <service> our +albums some time <day>
<service> for <places> on <day>
would like to come see <staff> <day> <time> <service>
my husband bought me a voucher i'd like to use it for a <length> <service> one <time> <day>
sorry to bother you i was told to come and get <service> twice a week first one <day> if possible
squeeze me in <day>??? lower back went out
give me <length> <service> *w <staff> <day>
i should like to reserve a place in the <day> <time> <service>
is it possible for you to put my daughter down for an <service> <day> <time>
ankle sprained at football who can <service> it for me before <day> s match
let's do <day> <time> with <staff>
i was hoping to have my *stride *filmed some time before <day>
we need <places> on the <service> <day>
my wife needs a <service> a *present for her birthday <day>
got a referral for <service> can i come <day> <time>
i want to start with <service> never been <time> only
fix me up with something for tight *hamstrings <length> <day> or <day>
put me with whoever has time <day> for <length> of <service>
could i possibly see the same <service> <staff> <day> <time>
i'll take a <service> with <staff> <time> <day> please
new soles for my *ski boots you do <service> don't you i'd want to come <day>
yeah hi can i get <service> with <staff> on like <day> <time>
id like to book <time> in the mat class no wait i mean <service> <day>
i need a <service> at <day> with nail
book the <service> glass for <places> <day>
*fizio <service> <day> <time> please
my daughter is seven and would love to <service> have you a spot <day> <time>
book me a <service> with <staff> <day> <time>
<length> of <service> <day> <time> please
<places> and would like to join the <service> <day>
i have my <service> five <day> and need exam +coaching with <staff> <day> are best
can our <service> at your place on <day>
want to <service> two +songs <day>
<service> <day> <time> with <staff> thanks
book <service> <day> <places> i'm <name> <phone>
<service> *fourty five minutes <day>
can *aroa teach me <day> <time>
good morning i'd like a <service> with <staff> <day> <time>
my <service> are *plugged up can someone clean them <day>
need my <service> they *whistle
please schedule my father for a <service> <day>
i'd like <service> made <day> <time>
set me up with <staff> for the <service> in my ears <time> any day but <day>
<service> can i bring it in <day> <time>
+fitting for <service> on <day> <time>
book a <service> and a <service> <day>
<service> +removal asap <name> <phone>
<staff> or <staff> whoever is free for an <service> <day> <time>
it's my knee again i was +assessed <day> who can see me <day>
pencil me in for the <day> <service> <places>
i guess i'd take the <length> <service> <day> then <time>
let me get a spot *w <staff> <day>
first available with either <service> therapist
my son *fourteen wants to join a <service> <day>
would you kindly arrange <service> for my *thumb <day> <time>
hello my neck is stiff as a board could <staff> work on it <day>
reserve <day> <time> <service> <places>
good day kindly arrange a <service> for me with <staff> on <day>
any chance of a <service> session <day> <staff> said i need three
thinking of treating myself <length> <service> <day> <time>
ok so my coach says get <service> before <day>
i need to get in to see a <staff> about my jaw soonest you can do
let me have the <time> <day> with <staff> for <service>
there's <places> who want to try the <service> <day>
we'd love a <service> me <day> <time>
*signing up for a <service> <day> if possible
could you get my +teenager seen for her ankle <day> <time>
<length> <service> <day> starting <day>
an appointment for <service> please <day> doesn't work
i was in a car crash last week and my doctor wants me in <service> what do you have <day> <time>
new <service> <day> please
would <time> <day> with <staff> be ok for the <service>
my back seized up is there any way to be seen <day>
add me to <day> s <service> <name> <email>
this is <name> <phone> <service> for <length> <day> <time> if <staff> is in
hi yes i would like too book a <service> for <length> <day>
can i see toe *bias <day> <time> for a <service>
book <service> <day> no hang <day> with <staff>
i need for places no three in the <service> <day>
<service> appointment <day> <time>
hello my son is sec 3 and failing <service> can he come <day>
<length> of <service> with <staff> <day> <time>
please book an <service> with <staff> <day>
<places> in <day> s <service> group for my twins
we would like to come for a <service> <day> *preferred
<service> coming need +lab training before <day>
<service> <day> <time> *can?
put <staff> down for us <day> <time>
book <service> for <length> <day> <time> <name> <phone>
*howya *chain's *slipping could you give the bike a <service> <day>
got a <service> can i drop in <day> <time>
i'd like a <service> with <staff> <day> <time>
<service> the <length> one <day> <staff> if she's around
my e <service> cuts out on *hills when could <staff> look at it
<service> can <staff> true it <day>
book a <service> for the wife's bike <day> <time>
<service> or <service> whatever you have on <day> <name> <phone>
*puncher <service> <day> <time>
ring the bell for physio with <staff> <day> <time> <service>
could i come for <service> on <day> <time>
<places> need <service> <day>
i fancy trying <service> is there something <day> <time>
either a <service> <day> or <day> time doesn't matter physio doesn't matter
back <service> on the cheapest *terms <length> <day>
sign us up <places> <day> <service>
can i trial one <service> first <day> <time>
my girl needs help in *chem and <service> <day> <time> <length>
i'm after a service not the big one any day *bar <day>
could <staff> check my <service> <day>
my bike was *nicked and found again with a <service> can you fix it <day>
my hip is killing me who can take me <day> <time>
i'd be grateful for a slot with <staff> <day> <service>
pencil me in for a <service> <day> <time> <length>
<places> for me in <day> s <service> please
can my husband get his *calves <service> <day>
<length> of <service> <day> whoever
my surgeon told me to start <service> <day> so please get me on the *books
get me in with <staff> asap
<day> <time> for a <service><length>
i would like to be <service> by a lady physio <day> or <day>
need to see someone for my *plantar *fasciitis before i fly <day>
my running *club wants <places> in the <service> <day>
<service> <day> early as possible
<name> here <phone> <length> <service> <day> <time> if <staff> around
*hallo i want make appointment for <service> please the +relaxing for <length> <day> <day> <time>
would there be a possibility to get <service> done <day>
we need a <service> for our son's *growing pains <time> any day
same as always <service> with <staff> <day> <time>
i'll take a <service> <day> <time>
let's do the <service> on <day> for <places>
kindly fix me a <service> with <staff> <day> <time>
my wife bought me a <service> for my birthday can i come <day> <time>
<length> with <staff> any <time> from <day>
squeeze me in <day> with anyone for a stiff neck <time>
could someone <service> my *thumb <day> before the game
can i get a <service> <day> no sorry <day> <time>
i wanna book for <service> its for to people <day>
can i get my ankle <service> <day> <time> under the name <name>
i'm travelling so only <day> or <day> would do for my <service>
let me reserve <staff> for <length> on <day> <time>
good morning i want <service> <day> the small ones
my <service> need a <service> before <day> <length>
<service> for my daughter <day> <time> please
<places> would like the <service> <day>
can <staff> <service> me up <day> <time>
i want <service> for my dry +scalp <day> *anytime
i getting married <day> and need somebody for my <service>
<service> <day> then <service> <day>
need *mi <service> fi +plait <day>
i need <service> done before <day>
<places> want to file together <day> would suit
set up <length> with <staff> <day> to go through a <service>
<service> <day> <time> please name's <name>
could <staff> <service> <day> <time>
<places> from the *dorm want to come to the <service> <day>
<service> <length> week of <day>
just one <service> for <staff> <day> if he can
my dad passed and i need help with his <service> <day>
schedule a <service> on <day> <time> with <staff> <name> <email>
i'd like to come by and get a *deed <service> <day> or <day>
<service> here when can you take me
i would love to have my legs done by <staff> after my long run <day> so <day> or later
give us the <time> <service> <day> with <staff>
i'm due for my <service> <staff> usually does it <day>
new knee problem need to be looked at by <day>
sorry to be a pain but could you fit my grandmother in for an <service> <day>
hi there could i get in for a <service> sometime <day> <time>?
i hurt my ankle playing *soccer yesterday and would like to see a <service> as soon as possible
booking <places> in the <day> <service> please
can <staff> fit me in for <service> <day> <time>?
i want to come back for a <service> with <staff> <day> <time> if possible
my daughter twisted her knee at *hockey and needs an <service>
put me down for <service> with <staff> <length> <day> <time>
looking to book a <service> <day> any day <time> works
need <service> <day> <time> before my *race
hello this is <name> <phone> i'd like a first appointment with <staff> please
is it possible to make an appointment for <service> <day>
i'll have <length> <service> <day> <time>
can you get me an appointment with a male <service> therapist <day> <time>
my back has gone again please give me whatever you have <day>
<service> <day> can you sign <places> up
i need to see <staff> on <day> <time>
we'd like <places> <service> <time> <day> <length> each
could you schedule me for a <service> <day>
<service> please with <staff> <day> <time>
i'd love a <service> not <day> though
please reserve <length> with <staff> <day> <time>
can i do <service> again <day> <time> as always
i'd like to try one of your <service> maybe the <day> one
set me up with anybody for a <service> <day>
hoping to get a <service> before <day>
i was told by my doctor to get an <service> can it be <time> <day>
book me for <day> <time> <staff> or <staff> either one
<length> s <service> <day> would be great
i'm after a <service> for my wife's birthday <day>
do my <service> again please <day> <time>
can i book a <service> with <staff> <day> <time>
i'd like a <service> message with <staff> <day>
<service> <day> <time> please
hello i'd like to <service> as a new patient and have an +examination
can i get a <service> with <staff> <day> <time>
i've chipped a <service> could somebody fix it <day>?
<service> *please<length> with <staff> <day> <time>
i have terrible <service> is there anything <day>
book my son in for a <service> <time> <day>
i'd like my <service> before the wedding <day>
need a <service> for *rugby <day> if you can
<places> for the <service> on <day>
could i see <staff> about a <service> <time> <day>?
<service> <day> as early as possible
i'd like to talk to someone about <service> my teeth <day> would suit
<time> <name> here <phone> i'd like a <service> with <staff> <day> <time>
could you fit my mum in for a <service> <day>
can i come and see the <staff> <day> <time>
a <service> with <staff> <time> <day>
i've lost a <service> anyone will do <day>
i'd prefer a lady dentist <service> <day> or <day>
<service> an polish <day> <time>
good morning i want to fix an appointment for <service> <day>
my <service> broke can i bring them <day> <time>
please book my mother for <service> <day> she has *sugar
<service> with <staff> *madam <day> <time>
my son's school asked for an <service> can we come <day> <time>
i need <service> is <staff> free <day> <time>? book me if yes
<places> for the <service> <day>
i'm having <service> since a week kindly give an appointment with a lady doctor
eye <service> for me and tell <staff> sir i'll come <time> <day>
can you do my <service> on <day> <time>
i would like <service> <length> any <day> except <day>
book an <service> for <name> <phone> <day> <time>
one <service> came out of my +frame need repair <day> <time>
is it ok if i come for a <service> <day> first week
appointment for my grandmother with <staff> for <service> <time> only
<service> *tst with *laxmi <day>
<service> +fitting with <staff> next weak
i need someone to look at my shoulder
can <staff> do <day> <time>
i prefer <day> <time> for <service> can you arrange one
hiya <length> <service> *w <staff> this *wk?
hello my +physiotherapist retired and i'm looking for a new one can i get an <service> with <staff> <day>
i'd like the <length> <service> <day> <time>
<service> session for <day> <time> if that's free
could <staff> do a <service> for my mum <day>
<places> in <service> <day> thank you
i pulled my *hamstring <day> and want to see a <service> <day> <time>
<service> with <staff> <day> or <day> *whichever
let's book <service> with <staff> <day> <time>
<service> please any day <day> <time>
can you fit me in for a <service> <day>? it's <name> <phone>
<service> for my son he's *fourteen <time> <day>
i want the <length> <service> with <staff> <day> if possible
i would like to come in for my <service> <day> <time>
put my name down for the <day> <service> please it's <name>
book me with a female <service> <day>
<length> with anyone for a <service> before <day>
looking for a <service> <day> <time> <length>
i need <service> not <day> the earlier in the week the better
hey can i grab a spot in <day> s <service>
my shoulder is *acting up again can <staff> see me <day> <time>
please set up a <service> <day> with <staff>
would <day> <time> be possible for a <service>? if yes please book it
i have a marathon <day> and need a <service> <day>
i want to book a <service> <day> <time>
hi we'd like to book a <service> on <day> <time>
i need a <service> for work can <staff> do <day> <time>
our baby is due <day> and we'd love <service> <day>
<places> on the <service> <day> please
<service> for my daughter <day> <time>
can <staff> <service> our dog <day> <time>
i'd like to sit down with <staff> about an <service> <day> or <day>
<length> for a <service> not <day>
<service> <day> please whoever is free my name is <name>
could you book my husband a <service> for <day> <time>
i'd like my *grandmother's <service> looked at <day>
can we do the <service> <day> <time>
good morning i'd like to be <service> for a suit <day> <time> would suit
i've got three *pairs of <service> can i come <day>
my *zip's gone on my coat could <staff> look at it <day> <time>
<service> with <staff> <length> <day>
please book my daughter for a <service> <time> on <day>
i need a <service> taken in before <day>
can someone mend my <service> <day>
<service> for a skirt <time> <day> <name> <phone>
i'd like to see <staff> <day> as early as you can
could you fit in a <service> <day> <time>
we'd like <places> in the <service> <day>
<service> with <staff> <day> at *tenn
*sowing class <day> for too
<staff> <day> <time> thanks
any <time> <day> for a <service>
i need to get <day> my neck is locked
i was hoping for an appointment with either <staff> or <staff> <day>
i need something for stress maybe a <service> <day>
i'd like <places> <service> on <day> <day>
<day> <time> for a <service> <places> <name> <phone>
can you take me <time> <day> for a <service>
the trousers i had <service> are still too long can <staff> look at them <day>
could you put me in for a <service> <day> <time>
<time> my trainer says i should have somebody film my *stride could i do that with <staff> <day>
put me in for <length> of <service> <day> <time>
we'd like <places> <day> s <service>
could my wife come <day> <time> for a <service> <length>
hi <staff> saw my ankle two weeks back and wanted me again <day>
i've got *shin *splints is it possible to get seen <day> <time>
<service> <day> or <day> i don't mind who
i'd like to begin <service> earliest you have
please reserve <day> <time> for a <service> <name> <phone>
<length> <service> <day> if at all possible
my son is *fourteen and wants to try <service> <day>
first appointment for my hip <day> <time>
could <staff> see me <day> <time>
<service> please <day>
if there's a gap with a woman <service> before <day> i'll have it
i fell off a ladder and my wrist is swollen who can look at it <day>
i'm fine with anybody just get me in for <service> by <day>
<service> <day>? <length> will do <time> best
my *kelpie is limping badly can <staff> see him <day>
<service> for the cat <day> with <staff> <time>
we have a new *pup <places> would like to come to <service> <day>
could you fit a <service> in <day> <time>
<service> and haircut for a *muddy *labradoodle <length> <day>
the *rabbit has stopped eating i need somebody right away
i want my kitten <service> any day but <day>
<length> <service> <day> early it's complicated
<service> for <places> <day> please
<service> for *biscuit <day> <time> <name> <phone>
my mum's *budgie needs his <service> done
i'd like <staff> to look at the +guinea *pig <day> <time>
+yearly check for an old *staffy <time> <day>
<length> <service> whoever's there before <day>
dog's got something in his ear are you able to see him <time>
<service> and a <service> for the *poodle <day>
<service> for my *kiten <day> <time>
<service> <day> <time> *w <staff> please
*habari i need an <service> <day> <time>
my <service> are +squealing could <staff> check them <day> <time>
<service> for a *probox <day> any day from <day>
the <service> *blows hot <day> <time> please
there's a <service> on when <staff> is in <day> <time>
i'm *buying a used *vitz <day> and want it *inspected before then
four <service> <day> <time>
i have a <service> can i drive in right now
my husband's <service> needs its service <day> early
<staff> please <service> any <time>
the <service> died twice <day> have somebody test it
i would wish to bring the car for <service> <day> <time> <name> <phone>
kindly schedule a <service> on <day>
any mechanic can do it just not <day> <service>
<service> and <service> on the same <time> <day>
i'd like to do the <service> but <day> only
someone recommended <staff> can he take me on
can you squeeze my mother in <day> she's 81
i could do <day> or <day> but <time> <service> with <staff>
he's due his +yearly <service> in <day>
fix me up with <staff> <day> for the <service>
<staff> fixed it last time i'd like her again for the <service>
hi there i'd like to see somebody about my lower back are you able to fit me in <day>?
can i get a <length> <service> <day> <time>
please book me with <staff> for <service> <day> <time>
i was told to come back for a <service> with <staff> <day>
<places> want to join <service> <day> <time>
my daughter twisted her ankle at *basketball could someone see her <day>?
<service> <day> <time> if possible
i need an appointment for new <service>
is it possible to reserve a spot in the <day> <time> <service>
i'd love a long <service> with <staff> sometime <day>
hello this is <name> i'd like to make an appointment for a first <service> visit my number is <phone>
anything for a <service> <day> <time>? <length> i'll take whatever you have
can you squeeze me in with <staff> before <day>
<service> <day> or <day> <time> please
my husband would like a <service> <day> <time>
i'm running the half marathon <day> and want someone to look at how i run
need my knee <service> before <day> s game so <day> some time
what about booking me in <time> <day> with <staff>
please schedule <service> for <day>
i want to come in as soon as you can manage my neck is locked
a <length> <service> <day> <time> would be great
hiya can i get my nails done <day> <service>
could i book <length> s <service> with <staff> <day> <time>?
<service> please whenever <staff> got <length> <day>
i'm off on holiday <day> and i need my <service> before then
<places> want to come to the <service> <day>
my mum's turning 60 and i'd like to book her a <service> for <day>
<service> <day>? no wait <day> <staff> isn't in <day>
could you do my <service> up for my wedding on <day>
<service> and <service> on <day> if that's possible
i'd like <service> <time> <day>
can you fit my boyfriend in for a <service>
i've an *interview <day> and my <service> are a mess can you sort them <day>
the <length> <service> <day> <time> please
put me down for <service> with <staff> same as every three weeks next one would be <day>
is there any way of getting a <service> <day> <time>
quick <service> *tidy <day> <time>
i'd like to treat my sister to the <length> <service> <day> would suit
we'd like to learn how to do our own <service> up <day> just the <places>
get me in with whoever's free for <service> <time> <day>
i need something <service> by <day>
<places> want to make our <service> could we come in <day>?
i'd like an appointment with <staff> about my <service>
can i see a lawyer <day> about an <service> notice
i want to set up an <service> <day> <time> would be *ideal
could you book <service> for <day> <time>
my dad needs a <service> any <time> <day>
i'm getting <service> and i'd like to talk with <staff> as soon as possible
<length> with the <service> <day> <time>
my <service> kept my deposit and i want to sit down with somebody
please get me on <staff> calendar for a <service> on <day>
i've got a court date coming up for <service> i'd like to join the workshop <day>
we'd like the <length> <service> meeting not <day> though
is it all right if i come in <day> <time> for <length> on my *rental *agreement
i want to set an appointment for my mother in *law she needs a <service>
<service> <time> <day> whoever does that
i'm looking for something to help me +unwind before my exams maybe an hour or so
i've been seeing <staff> for my hip and she's wonderful anyway could i see her again <day>
my brother said you helped him out can you get me in for the same thing a <service>
good morning would it be possible to see <staff> <day>? my knee has swollen up again
could you fit me in for <length> of <service> <day> <time>
i'd love a <length> <service> with <staff> any day <day> is fine
need my ankle <service> before the game <day> can somebody do it <day> <time>
put me down for <service> <day> <time> please
i threw my back out lifting a *couch and i can hardly stand what's the earliest somebody could see me
<places> would both like to come to the <service> <day>
the surgeon wants me to start <service> <day>
sign me up for a <service> <day> <time>
i'd like to get back in with <staff> for <service> sometime <day> <time> work best
need to get in for a <service> <staff> saw me last time
anything for <length> <service> <day> would be great i don't mind who
my mom is 78 and had a hip replaced *she'd like somebody to look at how she *walks <day>
could we do <day> <time> for <service>
hoping to grab a spot in <day> s <service>
i was wondering whether you might have time for me <day> it's for a sore neck
new patient here i'd like an <service> with a woman if that's ok
could you please book my son *leo in he's 10 and *rolled his ankle
need new <service> <staff> made my last pair
make me an appointment with <staff> <day> <time> <length>
*gidday can i get a <service> <day> <time> with <staff>
just a <service> please <day> <time>
could my <places> get their <service> <day> <time> one after the other
i'd like a proper <service> with <staff> <day> <time>
want to go *darker how about <day> <time> for a full <service>
can <staff> do my <service> <day>
<service> <day> <time> if there's a gap
i'm getting married <day> and there are <places> can you do us <time>
book me a <service> for <day> <time>
need a <service> before a job *interview <day>
my little girl is four and it'd be her first <service> could you do <day> <time>
<service> and <service> <day> <time> with anyone
i'm after the <length> <service> <day> <time>
sort me out with something <day> my *mop is out of control
i've not been to you before can i come for a <service> <day> <time>
reserve a chair for my *grandad <day> <time> he just wants a <service>
want my <service> <day> <time> if you can
good morning i need to be seen about a +bunion i'm a new patient
my <service> is +growing into the skin and it's killing me do you have <day>
schedule my *annual <service> please sometime <day>
i'd like <staff> to <service> my husband's +toenails he can't reach them <day> <time>
can i get in with <staff> for my <service> <day> <time>
the doctor asked me to come back <day> for a <service>
put <places> in the <service> <day>
i want somebody to measure my feet for running <service> <day> <time> works
need <service> is <day> <time> doable
second round on my <service> it's supposed to be around <day>
my daughter has a <service> and we can only do <time>
hi i'd like an appointment with <staff> <time> <day> if possible
<length> long <service> one <day> <time>
i *stubbed my toe and it's gone *purple who can see me <day>
get me on the calendar for a <service> either <day> or <day>
i'm calling for my father in *law he needs his <service> <time> only
could you squeeze me in <day> <time> for a <service>
i'd prefer a lady doctor for my <service>
my shoulder hurts when i swim
mate i've got a do <day> <time> and look like a *sheep
my son *starts school <day> and needs a <service> up
my wife's seeing <staff> <day> can i come along <time> for mine
hello there my name is <name> and my doctor says i *ought to see a <staff> about my hip do you have anything <day>?
hey can i come in <day> for a <service> <length>
i'd like to arrange an appointment with <staff> <day> <time> if he is working
looking to start <service> can you put me in the <day> one
please reserve a <length> <service> for me on <day> <time>
my *shoulder's killing me is there any chance <staff> could squeeze me in before <day>
we are *visiting *tern bay <day> and would both enjoy a <service> do you have two therapists <time>?
i was told to come back <day> for a <service>
can my 12 *yr old get his ankle <service> <day> <time>
give me the first free spot you've got for <service>
<places> in the <time> <service> <day> please under *sorensen
i would be grateful for an <time> appointment with <staff> <day>
it's my <service> i've had headaches since a car accident and want to see someone who does <service>
hi i'd want a <service> with a male therapist any <time> <day> works
could i get some <service> done <day> <time>
set me up with whoever does running stuff <day> <time>
my grandmother wants a gentle <service> for her birthday <day> <length> is *plenty
do it book me <day> <time> <service>
how soon can i get a new pair of <service> made by <staff>
hi we're off to *kenya <day> and need to know which <service> to get can we come in <day>?
<service> please <day> <time> if you have it
i need a <service> *cert <day> at the latest
could you put my son down for a <service> he's six any day <time>
would <staff> have <length> for me <day> <time>?
<service> and b +jab with <staff> <day> <time>
i want to begin the <service> <day>
we're a group of four going *trekking in *nepal and would like to talk to someone about <service>
<places> for the <service> night <day>
my employer wants <service> done before i ship out <day> what can you give me
<service> <length> with <staff>
can i be seen <day>? i fly <day> and have had no <service> at all
i should like to make an appointment <places> on <day>
booking a <service> for <places> <day> around <time>
second <service> +shot is due <day>
anything with <staff> at <day> would be great
i'd like my *cholesterol <service> <time> <day>
just a <service> for *herself and himself <day> <time>
need the <service> for *ghana are you free <day> <time>
hi i'm hoping to get a <service> from <staff> <day> <time>
need a <service> +piercing <day> whenever
*yo can <staff> do <length> on my <service> <day>
i'd like to get my <service> done <day> <time>
my daughter is +fifteen and wants her <service> could we come <day>?
i have my *ex's name on my arm and need it gone under something pretty
could i sit down with <staff> about an idea i have <day> maybe
a line on my wrist *faded get me in for a <service> <day>
can i get a <service> <day> <time>
my <service> is too long can <staff> put a shorter one in <day>
set up a <length> session with <staff> for <day> <time>
i'd love the earliest appointment for a <service>
i'm in town for just two days <day> and <day> and want something <service> on my ankle
put me in <staff> chair for a <length> <day> <time>
looking for an <service> +piercing <day> <time>
whoever has time <day> it's just a little heart
is it cool if i come by <day> <time> to <service> out my *hoop
good morning i'm trying to surprise my wife with a <service> appointment is there anything for her <day>?
could you fit in a quick <service> +piercing on <time> <day>
hello i'd like to come in for <service> <day>
could you put me down for <length> s <service> with <staff> <day> <time>
i twisted my ankle yesterday and want someone to see it <day>
need a <service> appointment asap
my husband asked me to get him a <service> <day> <time>
hi it's <name> can you fit me in with <staff> <day> <time>
<places> in <day> s <service> please
i'm after a <length> <service> <day> with a woman if possible
schedule a <service> with <staff> for <day> <time>
can i get my knee <service> before the game <day>
i was hoping to see <staff> about my back <day> if he can
count me in for the <service> <day>
would like to make a first appointment for my daughter she's 12 she hurt her wrist
<service> <day> <time> thanks
let's do the <service> <day> <time>
i want to see anyone who's free <day>
can we set something up for <day> a <service>
reserve me a spot with <staff> <day> <time>
i'll need another session of <service> maybe <day> <time>
my back went out again and i can hardly walk please get me in
i'd like to get fitted for <service>
book <service> <length> any day <time>
we'd like to come together <places> for <service> <day>
my mother needs <service> for her hip <time> are best for her
yes hello i would like to have <service> again
same as last time please a <service> with <staff> <day>
good day i was given your number by my doctor who thinks i need <service> for my shoulder after surgery
good morning i want to bring my <service> for her +shots <day>
i'm *fourteen weeks and would like a <service> <day>
my son has a <service> since last night can the <staff> see him <day>
<service> with <staff> please any <time> <day>
we'd love to join the <service> <day> <places>
could you give me a date for the <service>
<service> hurts so much i need help as soon as possible
<staff> for my daughter <day> <time>
put me down <day> <time> with the <staff>
<places> need their <service> is <day> okay
want to talk about having the <service> at home
it's <name> another <service> <day> please
little one has a rash on the +belly nine months can we come in
hi can i book <service> <day> <time>
please find me something with <staff> <day>
my *niece needs her <service> she's six months
i'd like the earliest you have with the <staff>
hello my dear my *granddaughter just had her <service> and she needs somebody to help her with the +feeding
good night i see you open <time> <day> any chance for an <service> <time>
i'd like to start therapy how do i make an appointment
could i get an <service> with <staff> <day> <time>
<places> want <service> <day> <time> would suit
<service> please doesn't matter with whom <day>
my <service> needs to talk to someone she won't talk to us
put <places> down for the <service> <day>
i can't sleep any more i'd like the <service> <time>
book me <length> with <staff> <day> <time>
<service> for my son he is six <day> would be *ideal
hi <name> here i need another session with <staff> <day>
is it possible to see <staff> <day> <time>
we need a <service> soon all <places>
i want to do a <service> some time <day>
could i come in <day> i'm having a very hard time
an appointment for my mom she's *grieving with a woman please
looking for a slot with <staff> for my daughter <day> <time>
<service> for a five year old
i'd like to book in again for <day> <time>
i think <places> should talk to somebody before we get divorced
hi there a friend said good things about <staff> i'd like to <service> her some <time> <day>
good morning could i come in for a <service> <day>?
i'd like <length> with <staff> <day> <time> <service>
my doctor says i should see a <staff> about my hip can you get me <day>
do you think you could fit in my son <day> <time> he hurt his *thumb
i want to try <service> any time <day> suits me
please save me a place in the <day> <service>
can <places> come to the <service> <day>
i need new <service> made
we'd like <staff> for the running thing <day> <time> if she can
<staff> please <day> first appointment <time>
my shoulder is *frozen and i'd like a visit with whoever is free first
put my name down for <service> <day> <time> <name>
a <service> please same lady as before
is it ok if i come <day> for <length> of <service>
could <staff> do <length> on me <day> <service>
i'm in town until <day> and need my back looked at before then
need <service> on my ankle before <day> s *race
a woman for the <service> please on <day> <time>
let me have <day> s <time> with <staff>
i would like to see you about my tennis elbow preferably <time>
hello this is <name> <phone> i want a <service> for my mother's birthday she's coming along <day>
arrange an <service> for my daughter not <day>
what i want is an appointment with <staff> <service> <day>
i fell off my bike <day> and my wrist still hurts i think somebody should see it
hi can i <service> <day>
i have a <service> on both arms and want it looked at <staff> if possible
<service> <day> <time> please <length>
need an appointment for <service> <day> <time> with <staff>
can you slot me in for <service> on my <length> <day> <time>
my baby has <service> i'd like the doctor to see him <day> *lah
good afternoon i wish to make an appointment for a <service> on <day> <time>
want to remove my <service> when is the soonest
<places> would like to come to the <service> <day>
<places> at the <service> <day>
book <staff> for me <day> <time> <service> of <length>
i'm getting married <day> and would like to begin with my <service>
<staff> to have a look at my nails <day> <time>
<service> with <staff> please <day>
i'd like my +frown +lines done on <day>
can or not <day> <time> for <service>
please give me a slot for my father's <service> he can only come <day>
i need <staff> for both legs <day>
hello <name> speaking <phone> a <service> <day> <time> thanks
a lady doctor please for a <service> check <day>
would there be a way to come in <day> it itches like mad
hiya can i get a <service> for my daughter <day>?
i'd love to go out in the <service> <day> <time>
never been on a <service> in my life and want to give it a go <day> maybe
<service> with <staff> <day> <time> please
<places> in the <service> <day>
could you do a <service> for my *wee girl <day>
we would like to hire the <service> for my parents *anniversary <day> <time>
i need to work on my seat <length> on the <service> <day> <time>
can my *wee boy <service> <day> he's four
the <length> <service> please <day> <staff> if she's about
<length> <service> <day> <time> name's <name>
i want to get back into <service> it's been twenty years what day can you have me
my husband wants a <service> for his birthday <day>
please enter <places> for the <day> <service>
<service> with <staff><length> as early as you can <day>
we're on holiday here from <day> to <day> and fancy a <service><length>
any chance of a <service> <day> <time>
could i come along for a <service> trip <day>?
someone to teach my mum she's 61 <day> <time>
<service> for me <day> <time> phone <phone>
i fancy the +gallop on the +moor when can i go
hi i put my back out lifting boxes yesterday can anybody see me <day>
my *neck's been stiff for weeks and i think it's time i did something about it <day> maybe
<time> <length> of <service> with <staff> <day> <time> if he has it
i keep getting *shin pain when i run and i'd like someone to film me running
put me down <day> s <service> please
sore heel doctor said to get <service> when can you do it
i need a <service> with <staff> some time <day>
could my mum have <service> <day> <time>
just want to <service> <length> any day after <day>
it's <name> <phone> i'd like to come in about my knee <day>
my son sprained his wrist at *hockey could <staff> look at it <time> <day>
i'd take anything you've got <day> for a <service>
<length> of <service> before my game <day> <time>
new <service> please the old ones are worn out
i'd rather have a lady for the <service> <day>
<day> for a <service> i'm travelling till then
can you squeeze me in <day> <time> for <service>
same thing as last time please <day>
do the <service> <day> or <day> *whichever <staff> has
my hip clicks when i walk i'd like it looked at by a woman
i slept funny and can't turn my head what's the earliest
please could i make an appointment for my husband he has *frozen shoulder
please my <service> fell and the screen is cracked i want to bring it <day> <time>
my <service> makes a loud noise and gets very hot can somebody open it <day>
good morning my *ipad dropped in the bath is there space <day>?
the <service> *finishes <time> every day i need a new one <day> <time>
it won't <service> at all unless i hold the *cable just so when can you look at it
i bought a new <service> and want my +contacts moved over <day> with <staff> please
my mother is 74 and wants to learn whatsapp put her in <day>
<places> at the <service> hour <day>
i spilled *fanta on my *keyboard please help as soon as possible
<name> <phone> another hour for the <service> <day> any <time>
my stick is <service> and all my *thesis is on it can you get it back by <day>
i would like a <service> about *excel <length> with <staff> if she can
appointment for <service> <day> <time>
<service> for my father <day>
<service> is *crawling full of *pop-ups can <staff> clean it on <day>
reserve me a bench for a <service> any time from <day>
i dropped it and now it +shows only *lines
i need <staff> to see to my <service> he did my *sister's
hello i want to come <day> <time> for <service>
can you <service> me how to send *emails i'm a complete beginner
the *hinge of my <service> is broken off <length> i guess <day> <time>
book the <length> <service> for me not <day>
*tablet does not come on again since yesterday somebody should check it
hi my daughter is scared of *putting her head under <service> could someone help her <day> <time>?
i'm 48 and never +learnt to <service> is it too *late? i'd like to begin <day>
<service> <time>?? no <day> then <places>
<length> with <staff> <time> <day> <time>
my <service> is a mess i sink after ten +metres can <staff> have a look <day>
i have my <service> exam <day> and need training <day> <time>
can <places> join the <service> <day> *they're seven
we'd love a <service> at the pool on <day>
need the 50 +metre <service> for school <day> would be good
my physio says <service> exercise is good for my hips how do i join
<name> <phone> <service> for the whole family <day> <time> please
my son falls in and *panics he's five i want him to feel safe in <service>
i'd like to <service> with a lady teacher any <time> from <day> on
could i get a <service> <day> <time>
we're *visiting from <day> to <day> could our boy have a few <service>
sign my husband up for the *grown-ups <service> <day>
i'd like one <service> a week <day> <time> with <staff>
my <service> is five months can we come <day>
can you make me faster for a *triathlon? i'm free <day>
good morning i'd like to come in for a <service> <day> <time>
hey can i get in with <staff> <day> about my shoulder
my lower back went again <day> could anybody look at it <day> or <day>
i'd like to book <service> for <day> <time>
<length> <service> with <staff> <day> <time>
please book me in for <service> before my match <day>
<places> in the <service> <day> please
i pulled my *hamstring playing *soccer and i need an appointment
appointment for my daughter she is 13 and has sore knees <day> <time> if possible
i was told i need <service> when could i come for *that?
can you fit me in for <length> of <service> <day> <time>
new client here my name is <name> i'd like the <service> some time <day>
<service> with <staff> please <day> <time>
i want someone to watch me run and tell me why my *shins hurt
a <service> for my husband's birthday <day> he *likes it firm
it's <name> i need another session with <staff> <day> <time>
earliest you've got for a <service> please
need a <length> <service> not <day> <staff> or <staff> doesn't matter
could i have the <time> <service> <day>
my doctor wants me to try <service> on my elbow
i'd like to make an appointment <places>
sprained my ankle on the stairs *walking is hard who can see me soonest
put me in with whoever's free <day> <time> for a <service>
can i book online for the <day> <service>?
hello i have never played <service> and would like to try <day> <time> if you have space
<length> with <staff> <day> <time> please
kindly book me a <service> <day> <time>
i keep *slicing my *drives i need help before the tournament <day>
i'd like to have <service> made to fit me i am very tall
the <service> on my *irons are *slippery can i bring them in <day>
<places> friends and want the <service> <day> <time>
please put my son in the <service> <day> he is nine
i three <service> every green can <staff> help me <day> <time>
<service> with <staff> some day <day>
our <service> wants a +golf +outing at <day> about twenty people
film my <service> please <day> <time>
my wife wants to start <service> could <staff> teach her <day> <time>
<length> of <service> any day except <day>
i want to *practise <service> with somebody <time> <day>
it is raining so can we have the <service> now
book *zainab *ali for the same <service> <day>
<places> <day> s class all *cousins
i'm *left-handed and a total <service> when can i start
can i come for a <service> with <staff> <day> <time>
<places> want a <service> together
a session with a lady coach <day> or <day>
get me a slot with <staff> <time> <day>
hello *madam i want to lose <service> please give me an appointment
my <service> is high since one year and doctor told me to meet a +dietitian
my son does not eat anything but rice can <staff> see him <day>
i am running a <service> <day> and want to eat right for it
i'm five months pregnant and always tired i'd like a <service>
we found out that my daughter cannot have <service> need *guidance
<service> <day> <time> before office
<service> empty stomach <day> <time>
i would like to join the <service> from <day>
<service> with <staff> any <time> <day>
appointment for my <service> her +sugar goes up and down <day> or <day> <time>
i had my first meeting a month ago and need the <service>
please send <staff> to look at my <service>
i go to <service> *daily and want to +gain muscle <length> with <staff> <day> <time>
<service> for thyroid <day> <time>
<service> problem whom and when can i meet
can i get an appointment on <day> <time>
myself <name> <phone> want to <service> for weight +gain <day>
the same <service> as last month <time> on <day>
can <places> get <service> <day> <time>
my baby girl is two and *underweight doctor is worried
i need someone who speaks +tamil to help with my father's <service>
any lady +dietitian available <day>? please book
i'd love to come see <staff> about some <service> <day> would do
would you be so kind as to reserve the <service> for me <day> <time>?
i twisted my knee at *hockey last night and need it looked at asap
put me down for <service> <day> <places>
hello my name is <name> i have not been before i should like an <service> with a lady
need <staff> <length> <day> <time>
my son does *track and the coach says somebody should film him running can we come <day> <time>
my *neck's stuck i can't turn my head who could take me <day>?
just the usual <length> with <staff> <day> please
can i come in for <service> <time> <day> <time>
i'd like to try the <service> thing for my heel some time <day>
it's been three months i should get my hip checked again by <staff>
could my wife have a gentle <service> <day> and i'd take one right after her
<service> please either <day> or <day>
i'll take whatever you have first for <length> s <service>
book *hamid in for another <service> <time> <day>
hi <service> not <day> any other day <time>
could somebody have a look at my foot i *stepped on something at the *beach and it's still sore
if <staff> in <day> <time> i'd take <length>
my boss gave me the <time> off <day> so i thought <service>
i wanna start <service> when's the next one
i keep getting *cramp in my *calf which of you could treat that <day>
it's for my mum she's 81 somebody gentle please <day> or <day> <time>
hi <service> i got engaged at <day> and want to come try dresses have you anything <day>?
i need my <service> taken in at the +waist i'm free <day> <time>
could i book in my three <service> for the long slot on <day>
my *fella needs a <service> would <staff> have time <day> <time>
i'm the <service> and have nothing to wear <day> would suit
i have my *nan's <service> from 1952 and i'd love it made to fit me
<places> for the <day> <time> with the <service>
i can't find a <service> anywhere could <staff> make me *one? <day> <time>?
i want to look at that *ivory one again before i say yes to it
my *niece is <service> she's five can we get her *measured on the <day> <time>
<service> appointment with <staff> <day> please
*wedding's over the <service> is filthy when can i drop it in
<staff> looked after <places> *d like her too any day but <day>
first time +bride here <name> <phone> <service> <day> <time> please
<service> for my four +groomsmen the sooner the better
looking for a <service> for my daughter <day> if you have it
i've a bad hip so the ground floor room please for a <service> <day>
could you fit me in for a <service> on the way home from work <day>
the zip went in my <service> and the wedding is <day> help
we're looking at <day> for the wedding and i've no <service> yet can i come <day>
two <service> and myself <day> <time> with <staff> if she's there
i'm a plus size <service> and a bit nervous is there somebody kind who'd have me on a quiet day
my daughter makes her <service> <day> she needs a dress <day> <time> would be best
the +straps on my <service> keep *slipping can somebody sort them <day> <time>
would there be anything at all <day> for a <service> and a hat
my *brothers and my dad need *kitting out for *june
<length> with <staff> <day> i want sleeves put on
good am schedule for <service> <day> *possible?
my +ob wants an <service> at 12 weeks can i come <day> <time>
*pa-schedule for <service> <day> or <day>
i need an <service> of my knee how about <day> <time>
i'm 52 and never had my <service> checked i want to do that <day>
<service> for my boss <day> as early as possible
there is a lump in my <service> the doctor told me to have it *scanned <day> if there is a slot
<places> for the <service> <day> me and my husband
my <service> is 70 and fell last year we want to know how strong her <service> are
book me with <staff> to explain my <service> <day> <time>
<service> of the +belly i think it is +gallstones with <staff> please
the <length> <service> we want to see the face <day> <time>
company *requires <service> and <service> can i do both <day> <time>
appointment please for *kuya *ben 0144 last *digits
<service> for my wife doctor's request is ready
*anytime <day> <time> for an <service> of the whole +abdomen
i'd prefer a woman for the <service> please <day>
i cough for three weeks now and the doctor *requests a <service> of my *lungs
this is <name> same <service> again four weeks after <day>
hi good day my dad needs <service> urgently the *neurologist said <day>
i want to know if it's a boy we are 18 weeks <day> *okay?
<service> for <places> any <time> <day>
my child swallowed a *coin doctor *asks for <service> now
please book my *lola for the <service> she can only come <day>
doctor *hears a *murmur in my heart and wants an <service> <day> <time>
can <staff> give a second opinion on the <service> from another hospital <day> <time>
<time> slot on <day> for <service> of the thyroid with <staff>
good day to you i should be most grateful for an appointment with <staff> for <service> preferably <day>
hey so i kind of *messed up my wrist *skateboarding *lol can someone check it out <day>
*bonjour i would like a *rendez-vous for a <service> of *sport <day>
need to get in with <staff> for running stuff my knees are *shot <time> k
put down *whitaker for a <service> <day> <time><length>
could you slot my *hubby in for <service> before his game it's <day> <time>
<places> girls wanna do <service> <day> <time>
been told by the surgeon i need <service> twice a week when can i begin
same as last time please <staff><length> any day <day>
i'd like somebody to look at both my feet for <service> can that be <day> <time>
my daughter *dances and her ankle clicks she's *fifteen <day> <time> would work
i'll have the <service> <day> nine if poss
do me a favour and get me in for <service> sometime before <day>
i'm a *paramedic and my *shoulder's *wrecked i can only do <time>
one <service> and one <service> <places> <day>
please book <service> for *ines and her mom <day>
the pain in my hip is back i'd like to see whoever is available the soonest
could i have <day> <time> with <staff> same thing as always
my *grandson is ten and toes in when he *walks do i bring him to *you? <day>?
i want <length> of the gentle stuff with the young man not the lady
it's for my back no not <service> the physio <day> <time>
if there's a cancellation <day> i could be there <day>
i have a gift card for <length> any <day> <time> would do
*g'day the *missus says i stop breathing at night when can i see someone
i'd love an <time> appointment with <staff> <day> first time
need a <service> asap work's making me
my <service> is leaking *air in my eyes could <staff> fit me a new one <day> <time>
our little *bloke *walks in his <service> he's four who'd see him <day>
booking for two mates from the mine at the <service> <day>
i lie awake <time> every night could i come and talk to <staff>
chuck me in for a <service> <day> <time>
i <service> a *semi and need the paper for +transport by <day>
my dad <service> like a *chainsaw *he'd want a *bloke doctor <day> s best
can i get the <service> <day> after *knock-off
want to try one of those <service> so i don't +snore <day> <time>
the <length> <service> session with <staff> <day> <time>
got my <service> need to go through them with <staff> <day>
i'm keen as to get this sorted before <day> <service> please
heard good things about <staff> could she squeeze in a *newbie <day> <time>
my <service> making a *racket who can have a *squiz at it <day>
daughter's *fifteen and <service> all <day> the gp wants her seen by you she could come <day> <time>
i work nights at the hospital put <places> down for the <day> group
<places> *blokes from the *depot want the <day> one
<service> for my old man <day> if there's a bed
got a <service> saying i need pressure set any day <staff> there
wouldn't mind <length> with <staff> <day> <day> or <day>
can you do me for a <service> with the lady *doc <day>
good morning *ma i want to do <service> when can i come
please i need <service> for canada <day> <time>
*abeg help me book <service> for my <places> <day>
i'm <service> <day> and i want <staff> to check my <service> <day> please
they <service> me visa i need somebody to look at the letter <day> <time>
i want to +swear <service> for <service> <day> <time>
my <service> is in french can <staff> translate it <day>
please register <places> for the <service> <day>
my <service> +interview is <day> i would like to *practise with <staff> before *then<length>
i want to <service> how soon can i come
kindly book me for the <length> <service> with <staff> <day> <time>
i want to go for *masters in +uk i don't know where to start from please can i see somebody <day>
somebody should follow me to do <service> <day> <time> early
<places> need passport <service> <day> if possible
renew <service> for my mum she is old any day but <day>
good day my son just *gained <service> in canada what do we do first we can come <day>
please i want the <service> with <staff> <length> <day> <time>
i have court <service> to do urgently <day>
help me fix appointment for my boss <service> any time <day>
i want to *snap <service> now
+uk refused me last year can <staff> advise me <day> <time>
kindly schedule my driver for <service> he is free <day>
hi there could i come in for a <service> <day> <time>
i twisted my ankle <day> and would like someone to look at it ideally <staff>
my <service> told me to come back <day> so sometime around <day>
please put me in for <service> <day> any hour that <staff> has
is it possible to get my *runner's knee <service> before the *race <day>
<places> friends and would love to join the <service> <day>
i need to see a <service> for my mother she fell <day> would suit
<length> of <service> <day> <time> with <staff>
get me the soonest thing you have with <staff>
i'd love to have my running looked at do you have <day>
<staff> for <length> <day> <time> if you can
my shoulder is playing up again and i'm already a patient so a <service> please
<service> for my heel <day> or <day> <time>
it's <name> <phone> i want another <service> like the last one <day>
new to town bad back who can see me first
a colleague of mine goes to <staff> and i would like to try her is <day> possible
both <places> want a <service> <day> one after the other is fine
put me down for the <time> <service> <day>
i have a voucher for a <service> and want to use it up <day>
my son needs his wrist <service> for *hockey could that be done <day> <time>
my three year old hardly says a word could somebody see him <day>
i'd like an <service> for my daughter she's starting school <day> and nobody understands her
could you fit my lad in with <staff> <day> <time>
i teach all day and my <service> goes <time> i'd like to see <staff>
<length> with <staff> <day> <time> if he has it
can dad have a <service> <day> <time>
<places> for the <service> <day> please i've twins
<length> of <service> any <time> <day>
i've got a job *interview <day> and want help with how i speak before that
our usual <length> with <staff> please <day>
my <service> is getting worse and i'd like to start coming
i need a letter <service> for the school it's for the *ehcp +review <day>
a quick video <service> with <staff> <day> <time>
he <service> he is eight i would like him to be seen before <day>
hello i'm <name> i'd like to add another session for my son <day>
first available assessment i don't mind with whom
his +nursery says he should be seen so we'd like <length> with <staff> <day>
could you put *ivan down for another <length> with <staff> <day> he has
i'm a *drama teacher my *throat's *raw <day> <time> would be perfect
my *granddaughter would love the <service> is there one <day> she could join
*g'day i'd like to do the <service> <day> if there's room
my son's turning *sixteen and wants his <service> when can he do it
i've never *sailed i'd like to give it a go with <staff> one <time>
can you take me out for <length> <day> i want to <service> *tacking
sign me up for the <service> with <staff> <day> <time>
i keep *hitting the +jetty somebody has to teach me to <service> the thing
book the <service> for <day> <time> i did the course in *sydney
i'm about to buy a +yacht and want <staff> to look her over say <day>
could my <places> go in the <service> <day>
<length> with <staff> <day> <time>
my husband would like the <service> lesson for his birthday it's <day>
i want to <service> the +kayak any <day> but <day>
same <service> again <day> for me <name>
how about a <service> <day> <time>
<places> would both like the <service> can we do it together <day>
pop me <day> s <service> thing just the one
<length> on the <service> with <staff> <day>
i need to *brush up on my <service> before the <day> *cruise
i'd like to set up <length> of <service> <day> <time>
hello my hip has been *aching since january and i haven't been to you before
can <staff> see me <day> <time> it's a <service>
a spot in <day> s <service> <places> please
<staff> <day> <time> for the <service>
i would like a <length> <service> the gentle kind <day> some time
my name is <name> and my number is <phone> i want a <service> with a physio
need someone to <service> my ankle before <day> s game
i run *marathons and my *shins hurt can <staff> film me running <day>
would it be possible to bring my boy in he hurt his knee at *hockey
anything for a sore neck <day> <time>
i'll take whatever comes first with <staff> <length> is *plenty
<service> please <day> any time <time>
<places> would each like a <service> <day>
i'm in town only until <day> and can hardly turn my head
my little boy came out in *hives after eating *cashews i'd like him to <service>
<service> for my daughter please <day> <time> if <staff> is in
my eyes *stream all summer long and i want it sorted out before <day>
i'd like the <service> *talked through with <staff> <day> would be best
<places> in the <service> <day> for my mother and me
put me in with <staff> for my <service> <day> <time>
the *dermatologist says it's <service> so i need the +plasters on my back
can my son have his <service> in the easter holidays
my next <service> is due <day> would be fine
i think milk *upsets my stomach who could i see about it
hi it's <name> could i book one more <service> for <day>
i get *wheezy at night and my <service> doesn't *seem to do much
the earliest that anybody can do a <service> on a four year old
good morning i want <service> <day> <time> please
my <service> are a mess could somebody see to them <day>
i need <service> before my *graduation <day>
two of my <service> broke can i come <day> <time>
my mother would love the <length> <service> for her birthday <day>
a <service> for my husband with <staff> <day> <time>
*natalie *weekes again i'd like the same <service> <day>
i have <service> from you that need filling any day <day>
i'm getting married <day> and need my <service> done for it
take this <service> off me please soonest you can
<staff> for a <service> <day> <time>
hey want to get my <service> before the +beach <day>
could you get me in with <staff> for a <service> <day> <time>
i twisted my ankle <day> and would like somebody to look at it
i'm due for another session with <staff> any day <day> except <day>
hi there <length> of <service> <day> <time>
please put me down for the <service> <day>
i want to come in for <service> with <staff> <day> <time>
my doctor says i should get <service> for my shoulder what do you have <day>?
need my knee <service> before the tournament <day>
i'd like to bring my mother for a <service><length> <day> <time>
this is <name> <phone> i'd like a <service> as soon as you can
<places> would like to try the <service> <day> <time>
let's do <service> again with <staff> <day> <time>
i'm a new client and i'd like to start with whatever you do first
can you fit in <length> <service> <time> <day>
my boss gave me the <time> off <day> so i'd like a <service> then
i think it's time for new <service> could i see <staff>
i'd like a <service> for my knee <day> <time>
<places> want a <service> <day> <time>
hello it's <name> same <service> as last time <day>
my son's <service> is *sticking into his *cheek can somebody fix it <day>
hello i'd like to have my daughter seen her <service> are coming in *crooked
my <service> *snapped in half and i need a new one
he's due for his six week <service> do you have <day> <time>
i'm *thirty-four and want my <service> straight without metal can i get +scanned <day>
<name> i need an appointment with <staff> for my <service> <day> <time>
a <service> came off while she was eating pizza <staff> fixed it last time
can we do the <service> <day> spring break that's <day>
<staff> please a <service> for my boy <day> <time>
i need the <length> <service> it's been a while
i'd like to get my next set of <service> <day> <time> if you can
our dentist said to call you about *maya's *overbite
<time> <day> with either doctor for a <service>
my braces came off <day> i'd like them <service> now
can you squeeze us in <time> <day> her <service> is loose
i'd like my son's <service> put on <day>
my <service> +locks every time i *yawn does <staff> have anything <day>
good morning i would like to start <service> with <staff> three <time> a week
please book me for <service> <day>
i sit in the office the whole day and my <service> is *paining can <staff> help me <day> <time>
can i have a session with <staff> <day> <time>
<places> want to <service> <day> <time>
i'm five months <service> and would like some gentle exercise
my boy is ten he wants to learn <service> <day> <time> please
my legs are so sore from the half <service> <length> massage <day> <time>
i want to lose weight before my wedding <day> where do i start
kindly reserve <staff> for me <day> <time> <length> of <service>
i need someone to tell me what to eat <day> <time>
it's <name> i'd like a <service> with <staff> on <day>
i have never been to a gym and would like to be <service> first maybe <day>
i'm running the *victoria falls <service> and i need a coach
i would like to be <service> for <length> after my session <day>
can my daughter of nine join the <service> <day> <time>
<places> +ladies who want <service> <day>
could i please have <length> with <staff> <day> the <service> kind
i pulled something in my *calf playing *ball and i'd like a <service> to see it
hi i'm new i want to start with <service> for my hip <day> if you can
<day> the <service> is there a mat for me
can you squeeze me in for <service> <day> <time>
i was with <staff> last month for my ankle and should come back for a check
an appointment for my mom with <staff> please <service> <day>
<name> here <phone> a <service> <day> <time>
my heel hurts when i run i'd like someone to film me running
would love a <length> <service> as a treat <day>
<places> in the <day> <service> please
i want to be <service> up before <day> s game
book <service> with <staff> for <day> <time>
anything with <staff> <day> i'm a regular
my wife gave me your number i need a <service> for my lower back <length> is *plenty
put me in for whatever you have <day> with a man
i'd like to try <service> i've never done it sometime <day>
can <places> <service> next to each other <day>
need <length> of <service> with <staff> my shoulders are a mess
i want to sit in the <service> by myself <day> <time>
there's <places> we'd like the <service> <day> <time>
i'm twenty weeks along and my back is killing me could i get a <service> <day>
i get these awful <service> from sitting all day can somebody work on my neck
let me get <length> of the <service> <day>
sign <places> up for <service> <day>
a <service> before my *vacation i leave <day>
my <service> are *wrecked from the marathon do you have that +bowl thing open <day> or <day>
book me a <service> any <day> <time>
i want the <service> <day> <time>
could i come in for <length> with <staff> <day> <time>
it's my wife's birthday <day> and i'd like to get her a <service> that day
hello there i'd like to see someone about my <service> i've not been before
my *wee one *greets all night could <staff> have a look at her <day>
<length> s <service> with <staff> <day> <time> please <time>
i could do with my <service> seen to <day> <time> would suit
good morning i was with <staff> <day> my neck has gone again and i'd like to come back
i <service> my teeth something terrible has <staff> time for me <day>
my son <service> on his toes and the teacher says to have it looked at
<places> at the <service> <day> for my husband and me
would you have a <service> with <staff> for me <day> <time>
<service> again i need an appointment as soon as there is one
this is <name> on <phone> my <service> are done in can i have a +fitting with <staff> <day>
i'm *sixteen weeks and i'd like to join the <service> <day>
can somebody come to our office and sort out my <service> any day <day>
<length> on my shoulders with <staff> <day> <time>
<service> please for myself this time <day> <time>
my mother is *eighty-one and her <service> are like *horn might she come <day>
i'd like <staff> to see my man he can hardly stand up straight
a <service> appointment with a lady not <day>
hey could you put me down for <length> <service> with <staff> <day>
i've *tweaked my *hamstring and i'm looking to get in with a <staff>
never been to your place my *ankle's swollen up any chance of <day> <time>
<places> would like to come to the <day> <time> <service>
<service> <day> <time> if <staff> can
it's <name> <phone> i want to see <staff> for <length> of <service> <day>
my boy *rolled his wrist at *hockey and he'll need a <service> preferably <time> on <day>
can i come in for my *six-week check with <staff>
i'm training for the *bluenose and i'd like my *stride *filmed any day <day>
something gentle and slow <length> <day>
i'd like my knee <service> <time> <day>
<service> please not <day>
reserve <length> for my aunt with a lady *masseuse <day>
*yusuf *karaca again same shoulder could <staff> take me <day> <time>
i need <service> made
hiya can i get my <service> done with <staff> <day> the full ones
i've had it with +shaving my <service> i want to start laser but i've never had it
any of your lot free to do my <service> <day> it's <name>
<service> please <day> <time> with <staff>
i'm off to *ibiza <day> and i need a <service> <day>
my *ex's name is on my wrist and i want <service>
could i come for a <service> the long appointment <day> <time>
<service> for my sister <day> <time> it's her birthday
hello love it's <name> <phone> i've got more of them <service> on my +nose can <staff> do me <day>
second go at my <service> with <staff> <day>
i've still got <service> +scars from school *what've you got <day> <time>
<places> want <service> <day>
please book me in for a <service> with <staff> <day> <time>
want my <service> waxing before the *stag do <day> <day> s good with a *bloke
my <service> look like two *slugs help <day> *dinnertime if you can
<service> for both my legs on <day> anyone will do
<service> thing an <time> <day> or <day>
i'd want the half <service> so <length> <day> <time>
my daughter's *prom is <day> *she'd like a light <service> <day>
howdy <places> need to learn to <service> <day> can we start <day>
i'd like to sign my little girl up for the <service> <day>
<service> with <staff><length> <day> <time>
you got me for <service> <day> <time> with <staff>
my daughter's teacher says she might be ready for <service> somebody needs to look at her feet <day> <time>
never +danced a day in my life but my wife's making me what do i start with maybe <day>
need new <service> can <staff> see me <day> <time>
<service> for +drill team are <day> and i want <staff> to look at my +solo <day>
this is <name> <phone> i want another <service> <day> <time> with <staff>
could a man teach <places> to <service>
<service> for my 12 year old nephew any <time> except <day>
i'm giving my <service> away on <day> and i can't +dance we need to practice our song together
i'd like to learn that *texas <service> is <staff> there <day> <time>
put <places> in the <day> *tots with our kids
my son's +quince *escort he needs to learn the <service> by <day>
one on one <service> with <staff> <day> <time>
can somebody fit my <service> for +pointe shoes <day>
i want to <service> before i *spend real money some <time> <day>
hello i'd like <length> of <service> <day> <time>
can i see <staff> about my knee <day>
i pulled my *calf <day> and would like a first appointment with a <service> <day> if possible
please book me a <service> for <length> <day> <time> with <staff>
i need <service> for my migraines any <time> <day> works
could you get me in for <service> <day> <time> before my *race
i'd like to make an appointment for my husband with <staff> <day>
it's <name> i need another <service> with <staff> <day> <time>
<service> with <staff> on <day> <time> please
my shoulder is really stiff is there a <service> therapist who could see me <day> <time>
i'd like to give <service> a try <day>
book me for <service> with <staff> <day> <time>
<length> <service> with a man <day> <time>
i'd like to start <service> for my heel
hi <name> <phone> could i have a <service> <day> <time><length>
hey there hoping to get in with a <service> therapist <day> or <day> my neck is so sore
this is <name> could you book me in with <staff> again <day>?
my doctor says i need <service> for my hip i haven't been to you before
hi i'd like to book a <service> <day> <time>
can i get a <service> and a <service> <day> one after the other
i'm 24 weeks <service> and would love a massage <day> <time>
my back is killing me could <staff> do <length> <day> <time>
i'd like to try the <service> <day>
we'd like the <service> for <places> <day> <time>
i need my <service> done before a wedding <day>
it's my mom's birthday <day> i want to book her a <service> that day
<service> <day> or <day> please <time>
can you squeeze me in for a <service> <time> <day>
<places> for the <service> <day> please
<name> <phone> i want to add a <service> after my <service> <day>
i'd love <length> <service> with a woman any day but <day>
my skin is so dry from the winter i need a <service> <day>
could i come in for a <service> <day> <time> i get awful +tension headaches
looking for a <service> <places> <time> <day>
as soon as you can a <service><length> whoever's free
hi <places> would love to come for <service> <day> <time>
could you book <staff> for me <day> <time> <length> long <service>
i have a gift card and i'd like to use it for a <service> <day>
<places> for the <service> <day> <time>
can we get the <service> <day> <time>
good morning i'd like to <service> <day> if possible
i need an appointment with <staff> i've had a sore throat for a week
can i book a <service> <day> <time>
my <service> is two months old and needs his first jabs
i've got to have a <service> for my new job could that be <day>
could i get my <service> taken out <day>
hello <name> <phone> i'd like my <service> <day> <time>
my <service> are blocked i think it's +wax is there a slot with one of the <staff> <day>
i'd like to see <staff> <day> about a few things
there's a <service> on my back that has changed can someone look at it <day>
please make an appointment for my daughter she has a fever as early as possible
i'd like to join the <service> <day>
<service> with <staff> on <day> <time>
my father's <service> is due <day> sometime <time>
i'd prefer a lady doctor <day> <time>
<service> needs to come out <staff> did the other one
a longer appointment with <staff> <day> <time> please
i have had this cough for three weeks now and i would like somebody to *listen to my chest
could i have a <service> <day> <time> with <staff>
i need the <service> on my leg changed <day>
my son needs a <service> up before *camp <day>
is it possible to have a <service> <day> <time>
hi could i come in for <length> s <service> <day> <time>?
i'd like an appointment with <staff> about my shoulder <day> <time>
we'd both like to join <service> <day> that's <places>
please put me down for <service> <day> <time>
my son twisted his knee at *hockey and needs to see someone <day>
<length> of <service> with <staff> <day> <time> if she has it
i ran a marathon yesterday and can barely walk a <service> <day> would be *heaven
this is <name> i'd like another <service> with <staff> <day>
could i see <staff> for my neck <day> <time>
my physio in *toronto told me to get <service> can i do that here <day>
need my ankle <service> before <day> s game <day> <time> please
i'd like to get <service> made with <staff> if possible
a <service> for my wife <day> it's her *fiftieth
whoever's free first for an <service>
good day i'm calling for my mother she's had a new hip and was told to start <service> <day>
i'd take any <time> <day> for <service>
morning can i get my <service> <day> <time>
i'd like a <service> with <staff> <day> <time> please
my lad needs a <service> before his school photo <day> can he come <day> <time>
<service> with <staff> <day> if he's in
can you <service> <day>
<service> any time <day> except <day>
i'm getting married <day> and want to try out my <service> <day> would be best
just my <service> it's in my eyes <day> or <day>
i've never had colour with you so i suppose i need the <service> first <day> <time>?
<staff> please <service> <day>
i have a do <day> <time> could you give me a <service> <time>
i tried to <service> it myself and it's gone *orange please help
<places> *jo would like to come to the <service> <day>
a <service> for my birthday <day> as early as you can
<service> for <places> s cut for my daughter <day>
it's <name> can i have a <service> with <staff> before my next cut
<service> whoever's free <day> <time>
i'm after a <service> nothing *drastic just the ends <day> any time
my mum's eighty and can't get out much *she'd like her <service> set <day>
can i have the same thing as last time with <staff>
hi there i've done my <service> in and need to see someone <day>
could i book my regular <service> with <staff> <day> <time>
i haven't been before i'd like a <service> with <staff> <day> <time>
<length> <service> with <staff> <day> early as possible
our <service> won't turn her head to the left she's six weeks old can someone check her <day>
i get these <service> from my neck can i see <staff> <day>
thirty weeks <service> and my hips are killing me what about <day> <time>
can <staff> look at my <service> *set-up <day> maybe
i was *rear-ended and need the <service> done by <day>
<name> here another <service> please same day and time <day>
<service> on <day> <time> please
<service> for my *teenage son he *slouches any <time> <time>
my lower <service> and my shoulder both need doing so a long one <day> <time>
could you fit my husband in with a man <day> <time>
next available with any <staff> it's urgent
i'd like to get my <service> <day> <time>
can i get in with the same +chiropractor as last time
my <service> therapist moved away could i try <staff> for <length> <day>
can i book the <day> <time> <service> <places>
could i have my <service> with a woman
could my daughter have her <service> <time> as mine <day>
my +hairdresser retired and i need somebody new can i have a <service> first
i need to look *decent for an *interview <day> a <service> <day> or <day>
i'd love a <service> on my day off that's <day> <time>
my mate swears by <staff> can i get in with him <day>
can you see my ten year old <day> he came off his *trampoline
book me <places> <service> one <day> and one <day>
i want to book a <length> <service> with <staff> <day> <time>
hi there could i get a <service> sometime <day> <time>?
my back has gone and i've never been to you can somebody look at it <day>
can you put <places> in for <service> <day> <time>
looking for an <service> appointment <day> or <day> any time
good morning i need new <service> made would <day> <time> be possible
i'd like to come in for <service> <time> <day> so <time>
<service> for my wife's birthday <day> <length>
could <staff> do a <service> for me <day> <time>
this is <name> at <phone> please book me a <service> for <length> <day> <time>
i've been told to get <service> on my elbow can i start <day>
i need the soonest <service> you've got i don't mind with whom
i'd like <staff> for <length> of <service> either <day> or <day>
<places> the <day> <service> please
my son twisted his ankle playing *hockey he's *fifteen can he be seen <day> <time>
could i have the same <service> as last time with <staff> <day> <time>
put me down for <service> on <day> <time>
i'd like to come <day> <time> for a <service>
i'd like a <service> my shoulders are killing me <day> or <day> <time> would be best
i have a voucher for <length> of <service> can i use it <day> <time>
good afternoon i hurt my hip in a fall and my doctor wants me to have <service> do you have time for a first appointment <day>
a <service> with <staff> on <day> <time>
please get me in with <staff> before <day> <service><length>
could i get <length> with either <staff> or <staff> <day> <time>
hi i need to schedule a <service> for <day>
i'm due for my <service> <day> <time> would be great
i <service> a tooth last night can i come in <day>
my <service> is killing me do you have anything <day>
i'd like to become a patient can i get a <service> with <staff> <day>
can you get <places> in for a <service> <day> <time>
i need a <service> with <staff> <day> <time>
this is <name> <phone> i'd like to get my <service> <day> <time>
my daughter is four and has never been to a dentist could <staff> see her <day> <time>
i <service> my teeth at night i'd like a +guard <time> are best
<staff> said i need a <service> can we do that on <day> <time>
my mom's <service> are *rubbing can she come <day> <time>
want to get a +wisdom <service> first available
i need to set up a <service> <time> please
could i see someone about <service> <day> <time>?
i'd like an appointment for my husband *greg he needs two <service>
can i come in <day> for a <service> <time>
hello i was referred by my sister and i'd like to set up an <service> for the <places>
i'd like to get a <service> for <places> for my *seven-year-old on <day>
can you book me right after my wife's appointment <day>
i have <day> off can i get a <service> then
i need something before <day> i'm getting married <service> please
hey it's <name> <phone> my <service> fell out could <staff> fix it <day>
a <service> appointment with <staff> <day> <time>
can you fit in a <service> for my husband <day> <time>
i'd like <service> for my *nine-year-old any day <day> <time>
hey can i book <service> with <staff> <day> <time>
i'd like *medium <service> <day> <time> please
need a <service> asap
could <staff> start my <service> <day> <time>
my daughter's eight and wants <service> with +beads for her party any chance of <day> <time>
<service> for my son no <length> <day> <time>
i want my <service> <day> and a <service> straight after
<name> <phone> <service> <day> <time> either lady
a <service> with <staff> <day> <time>
can i get a <service> <time> <day>
i'm after a <service> <day> i've got my own +bundles
i want to change my look completely and don't know what would suit me can i talk to somebody <day>
<places> in the <service> <day> for me and my mum
could i do <service> <day> <time> with <staff>
my boyfriend needs his <service> *redone before we fly out <day>
<length> of <service> the small ones *whichever day <staff> can do it
hi love i'd like to come in <day> <time> for <service> with <length>
i've got a wedding <day> so a <service> <day>
my <service> are six weeks old and need to come out <day> if you can
<places> want <service> <day> <time>
hiya after a <service> appointment for my *niece <day> <time> with <staff>
<service> please <day> <time>
i need my <service> before <day>
hello i'd like to make an appointment for <service> <day> <time>
could you put me in for <length> with <staff> <service> the <time> of <day>?
i need a <service> with <staff> <day> <time> only
my wife did her back in she has never seen you is there a <service> for her <day>
can i grab a place in <day> s <service>
<length> <service> <staff> <day> <time> please and thank you
<places> and would like to do the <service> <day>
i'd like <service> again any day but <day>
this is <name> <phone> i want <service> for my ankle <day> <time>
i keep getting *shin *splints so i'd like the <service> <day> <time>
somebody told me you make <service> could i have an appointment <day> <time>?
hi i'd love a <service> with a woman <day> <length> if i can
my gp has referred me for <service> i'd want <staff> whatever is soonest
<length> of <service> <day> in the <time>
i'd take <day> or <day> <time> for a <service>
please book my mother *joan in with <staff> for <service> <day> <time>
<service> <day> <time> no preference who does it
i start a new job <day> so i need a <service> before <day>
could i come in <day> for <service>
i'm *flying out <day> <time> is there any chance of a <service> <time>
i *tore my *calf two weeks ago and the hospital says i should start <service>
could <places> each get an <service> on <day>
it's <name> i'd like to book another <service> with <staff> <day>
my neck is so stiff that i can't turn my head could <staff> work on it <day> <time>
hi i'd like to book a <service> <day> <time> please
could i get my <service> with <staff> <day> <time> <places>
i can't hear out of my left <service> it's blocked solid can somebody +clear it <day>
my son's four he needs the <service> any <time> would do
we're off to *kenya <day> the <places> and need our <service>
i'm due my <service> <day>
<service> <day> <time> i've a form from the doctor
my mum's on *eleven different <service> could <staff> go through them with her <day> <time>
i want to *pack in the <service> can i see <staff> <day> <time>
<name> here <phone> <service> <day> <time>
would you have a space for a <service> <day> <time>
my daughter wants her <service> for her birthday <day>
i need to start on <service> ideally with a woman <day> <time>
<service> please soon as you can
<places> on the <service> first aid <day>
i'd like to start the <service> *programme with <staff> would <day> <time> suit
<service> for my *da <day> or <day>
morning is it possible to get a <service> and the <service> together on <day>
could you squeeze me in with <staff> for a <service> <day> <time>
<day> <time> for a <service> please
my husband wants rid of the <service> in his right ear
i'm <service> <day> and left it a bit late can i get jabs before then
would it be ok to bring <places> in for the <service> <day> <time>
i'm dizzy when i stand up and my doctor says get the <service>
can i get an appointment with the <service> man
<time> so <time> <day> for a <service>
could i book <places> to have <service> <day> <time>
hi i'm new and i'd like to try the <service> could i do an +intro <day> <time>
i'd like in on the <service> <day>
can <places> do a <service> with <staff> <day> <time>
i'm 20 weeks along and looking for the <service> <day>
<places> in the <service> <day> please it's a birthday
i'd like to get <service> for <length> <day> <time>
do you think <staff> could teach me to <service> for *singing? <day> <time> works
my *hamstrings are tight as a *drum <length> with <staff> <day> please
this is <name> <phone> <service> <day> <time>
<service> <day> <places> wants to come too
i had a <service> <day> and want to get my +core back <day> are good
a <length> <service> with <staff> <day> <time>
i sit at a desk all day and i'm *hunched over like a *shrimp can someone check my <service> <day>
i'd like to <service> some <time> <day>
can you squeeze me into <service> <day>
whatever's open with <staff> <day> <service>
book me for <service> <day> <time>
can <places> do a <service> together sometime from <day> to <day>
i want to see <staff> twice <day>
i'd like a <service> in yoga for my son <day>
i'd like a <service> right after my <service> <day>
need to *loosen up before the marathon <day>
hello there could you get me in <day> <time> with <staff> <service>
good day may i book in for a <service> <day> <time>
i was hoping for <service> with <staff> <day> <time> if she has it
fit me in with <staff> for a <service> before <day> please
i slipped on the ice and my *tailbone hurts never been to a <service> before can i come <day>
<places> want to try <service> is <day> alright
my doctor's note says <service> for the *achilles <day> <time> would suit
need a <service> <length> <staff> <day> <time>
can <staff> film me running <day> <time>
this is <name> my number is <phone> <service> for a *thumb <day> <time>
hello my *mother-in-law needs somebody for her *frozen shoulder is there time <day>
i'd like *whichever massage therapist is free *first<length> <service>
would you put me in the <service> <day>
an <service> <day> or <day> please <time>
book <places> <length> of <service> <day> my wife wants the gentle kind
i've got my <service> behind me now i want the <service> with <staff> <day>
could i get in to see someone about my elbow <time> <day>
<day> <time> for <service> please
it's my hip again same as last year can i see <staff> <day> <time>
i pulled my *hamstring at the gym yesterday and need to be fit by <day>
could i possibly see <staff> on <day> it's for my wrist <time>
put <places> down for the <day> <service> please
hello i'd like to have my <service> could i come <day> <time>
my <service> has stopped i think it's only the battery <day> <time> if possible
i'm planning to *propose <day> and would like to talk to <staff> about a <service> <day> <time>
we're getting married on <day> and still need our <service> an <time> please
could <staff> <service> five +pieces for me <day> <time>
the <service> on my +necklace broke can it be mended <day>
i need a <service> for the insurers any time <day> will do
<places> on the <service> on <day> me and my *fiance
*grandad's <service> has given up could <staff> look at it <day> <time>
a *diamond has come out of my <service> i'd like it replaced as soon as you can
this is <name> on <phone> <service> <day> <time>
i've *inherited my *aunt's <service> and don't want to wear it as it is who could i see <day>
i'd like our <service> put inside two <service> <day> <time>
my <service> want +restringing before a *christening <day>
can i bring my mother's <service> in to be made smaller <day>
<length> +bracelet to be <service> <day> <time>
<length> with <staff> <day> please <time>
morning could somebody <service> the +claws on my ring while i wait <day>
a <service> and a strap <day> <time>
my wife's birthday is <day> i'd like something <service> before that
i dropped my <service> in the sink and it's *fogged up can <staff> see it <day>
can <places> come to look at <service> <day> <time>
my <service> stuck on my finger can you cut it off <day>
i should like a word with <staff> about a +brooch <day> <time>
could i have a <service> seen to and a <service> changed both <day>
is there someone who can look at my *grandfather's *pocket <service> <day>
good morning i want to make an appointment for my <service> <day>
i just found out i'm <service> when should i see you can i get <day>
can i see <staff> for my <service> <day> <time>
my <service> won't *latch and i'm in *tears could <staff> see us <day> or <day>
i <service> every time i *sneeze is there somebody i could see <day>
<service> for me please i'm 20 weeks <day> or <day> <time> with <staff>
this is <name> <phone> i'd like the <service> put in <day> <time>
the <places> have been trying for a year and nothing can we talk to a doctor any <time>
<service> <day> <places> please
i *felt a <service> i need someone to look at it as early as possible
i'd rather see a lady doctor for my <service> <day> or <day>
my daughter is *seventeen and her *periods are terrible could <staff> see her <day> <time>
i wake up *soaking wet with <service> who can i see about it <day>
my sister needs her <length> <service> <day> <time> if you can
just a regular <service> check with the <staff> <day> please
<staff> wants to go over my <service> do you have <day> <time>
can <staff> see me <day> <time>
i need a <service> and a <service> on <day>
i'm six weeks and *spotting a little can someone check me <day>
my doctor abroad wants an <service> before i fly <day>
i'd like to come with my wife for a <service> on <day> <time>
i'm due for my <service> and my *cousin is too can we come together <day> <time>
would <staff> be able to see me <day> <time> for the <service> it's my second visit
i'd like the <service> by <day>
= ask-availability
do you have any slots for a <length> <service> <day> <time>
next available *massage?
is <staff> free <day> <time>
anything going <day> <time>
have you got anything <day> <time>
is the <day> <service> full
how soon could <staff> see me
got space <places> in <day> <service>?
have you anything for an <service> <time> <day>
earliest you have for a <service>
any openings <day> <time>
anything free <day> <time>
is <staff> around <day> for a big <service>
when's the next spot for <service>
how's <day> looking for a <service>
how busy are you <day> <time>
would you have <length> for a <service> thing <day> <time>?
got any gaps <day> for <service>
when could <staff> fit me in
are there places left in <day> s <service>
what times have you got <day>
is <day> <time> fully booked
any <service> free <day> with <staff>?
is there anything <day> <time> in the <service>
what's your earliest for a <service>
is there space for a <service> <day> <time>
what's open <day>
earliest <service>?
any room for <service> <day> <time>
what's your first free slot with <staff>
got any cancellations <day>
any time for a <service> before <day>
does anybody there have time <day> <time>
what's the wait for a first appointment these days
i wonder if <staff> has a gap on <day>
would <day> <time> even be possible for <service>? just asking
is the <day> <service> already full
do you have anything <time> <day>
is <staff> free for <length> <day> <time>
any <time> left for <service> <day>
what is there <day> <time>
does <staff> have any time <day> <time>
how soon can i get in for a <service>
what's the first opening with <staff> after <day>
how booked up is <staff> <day>
is <time> <day> gone
do you have space for a <service> <day>
what's free with <staff> <day>
when's your next free <service>
is there anything going <day>
could anyone see me <day> at all
are all the <time> <day> taken
got slot for <service> <day> or not
is there room in <day> s <service> <places>
any slots left before <day> for an <service>
is <staff> free at all <day> <time>
can <staff> squeeze anyone in <day>
have there been any cancellations for <day>
what openings do you have for <service> <day>
is <day> still open with <staff>
how busy are you <day>
any spots left in <day> s <service>
what is the first time you could do <service>
is there a gap with <staff> <time> <day>
are you fully booked <day>
when could i see somebody about my foot
do you do the <service> <day>
any openings with a woman <service> <day> <time>
can <staff> take me *anytime <day>
any chair free <day> <time> for a <service>
does <staff> have anything <day>
any time left before <day> for a <service>
have you time for a quick <service> <time> <day>
have you got any free spots <day> <time> at all
what's <staff> next opening looking *like?
is there space in the <service> <day>
any availability for <service> <day>?
does <staff> have time <day>
is <day> full already
have you got any <time> slots with <staff>
have you anything with <staff> <day>
when's the soonest i could see the <service>
are there any places left in <day> s <service>
is there an appointment free <day> <time>
do you have any <time> appointments <day>
any slot for <service> <day> itself
when can i get a <service> the soonest
how many seats are left <day> s <service>
would you have room for me <day> <time> for a <service>
is <day> <time> any good for a <service> with <staff>?
any openings at your place <day> <time>
what's the earliest appointment with <staff>
is there still room in <day> s <service>
does <staff> have any time <day>
when could i get in for <service>
are there any <service> appointments left <day>
have you got anything <time> <day>
do you have a slot for a <service> <day>
when's your next free <day> for a <service>
how many places are left on the <service>
when could <staff> see me about a <service>
is there room in the <service> <day>
<service> <day> any chance at all
i was wondering whether you'd have time for a quick <service> <time> <day>
when's the next <service>
is the clinic busy <day>
how about <day> <time> for a <service>
<day> <time> would that work for a <service>
has <staff> anything left <day>
when's the soonest somebody could see my neck
what have you got <time> <day>
is <day> <time> still free with <staff>
got anything with <staff> <day>
any places left in <day> s <service>
when could somebody see a vomiting <service>
what's free <time> <day>
is <day> <time> full
do you have room for a quick <service> job <time>
is <day> still open for <service>
what's the earliest for a <service>
how's <day> <service>
any slot with <staff> <day>
could you say whether a <service> <day> <time> is possible
can <staff> do a <service> <time>
how soon can you *desex her
the stitches have come open what time can i come
i'd love a <service> at a *subaru before i pay how's <day>
anyone free to do a quick <service> before my match <time> <day>
do you by any chance have openings <day> <time> with anyone
when is <staff> next free <length>
is there room in <day> s <service>
any chance there's something free with <staff> <day> <time>
how soon could i get in for a <service>
what's free <day> for <service>
has <staff> any gaps <day> <time>
are there still places <day> s <service>
when could i have a <service> at the earliest
does <staff> have anything open <day>
what's the first opening for a <service>
any seats left <day> s <service>
do you have time for a quick <service> <day>
how far out are you booking for <service>
my friend says you're brilliant with <service> do you have anything at all <day>
is there any space in <day> for a <service>
what have you got with <staff> <day>
when has <staff> got his next gap
how full is the <day> <service>
would there be anything <time> <day>
is it usually weeks <time> can be seen
got any gaps <day>
is <staff> free <day>
when could you squeeze in a <service>
are there seats left for the <service> <day>
what's open <day> <time>
what's the first opening with <staff>
any cancellations <day>
<day> <time> is there still something
how far out are you booking new patients
what openings does <staff> have <day> <time>
are there spots left in <day> s <service>
is <day> *totally full
when's your next opening for a <service> any kind
would <staff> happen to have room <day> or <day>
how's <day> looking over there
has <staff> a gap <day> <time>
is there a time to be had <day>
how are you fixed <day> <time>
when could somebody see us at the earliest
any places left at the next <service>
what have you left <day> for <service>
when does <staff> have his next opening
any seats left for the <service> thing <day>
is your <day> booked solid
got anything <time> <day>
is <staff> free <time> <day>
how far out is <staff> booking
i've got a free <time> <day> what could <staff> do
have you anything free <day> <time> for a <service>
any openings with <staff> <day>
is <day> s <service> full
when could i see <staff> at the earliest
<day> what's left there
would <day> <time> still be possible or is it *packed
is anything free <day> <time>
is there a gap with <staff> <day>
how soon could i get a <service>
any spaces left in the <service> <day>
<day> <time> what can you give me
when is the next opening with <staff>
is there still a place in <day> s <service>
what's free <day> <time>
have you got anything <day> at all
is there room <day> <time> for a <service>
what times does <staff> have <day>
when would your next free <service> be
could i still get in <day> or is it too late
is <day> fully booked
got slot <day> for <service>?
what has <staff> got free <day> <time>
how soon can you see me for a <service>
are there still seats <day> for the <service> thing
<day> is <staff> very full
any cancellation <day> i could take
anything free <day> for a <service>
is there space in <day> s <service>
when could <staff> take my son at the earliest
<day> <time> what have you got there
how does <day> look for the <service>
have you any gaps <day> with <staff>
have you any openings <day>
how busy is <staff> <day>
could i get a <service> <day> or are you full
any spots left <day> <time>
when's the soonest <staff> could do an <service>
is <day> <time> still possible with <staff>
what time is free <day> for a <service>
are there seats left for the <service> hour <day>
when can <staff> see me
do you have something <time> <day>
any room in <service> <day>
what does <staff> have <day> <time>
when could you take a complete <service>
are <day> gone
is there anything <day> <time>
hi there do you have anything <day> for a <service>? <time> would be *ideal
any openings for <service> <day>
how soon could i get an <service>
are there places left <day> in the <service>
what does <staff> have <day>
is the <service> free <day> <time>
<staff> next free <length> when would that be
any space <places> in the <service> <day>
<day> <time> what have you got left
is there still room for my boys <day>
is <day> <time> free with anyone
any seats in <day> s <service>
when is the next free slot with <staff>
do you have time for a quick <service> <time> <day>
what slots are there <day>
morning any chance of a <service> <day>? i'm free <time>
i'm only in town <day> to <day> is there <length> of <service> for me
somebody recommended <staff> when could i see *her?
anything left with <staff> <day> <time>?
is <day> s <service> *packed already
what's the soonest i could see a <service>
have you got room for a <service> before <day>
is there a slot for a <service> about <length> <day> <time>
when could i get in for a <service>
any seats left <day> <time>
is there <day> free at all <day>
what has <staff> got <day>
would you have a free slot <day>
is there any slot for <service> <day>
any *vacant for <service> <day>
what times are open with <staff> <day>
is there still space in <day> s <service> <places>
may slot *pa *ba for <service> <day>
is <staff> free <day> for a 90? i'd grab anything <time>
any wiggle room <day> for a quick <service>
how's <staff> fixed <day> <time>
what have you got left <day> for <service>
would there be a gap for me with <staff> <day> i need my toe <service>
what about <day> <time> anything
any spots for a <service> <day> <time>?
when's the next free night for a <service>
has <staff> got anything <day>
how many spots left in <day> s group
any chance of seeing someone <day> about my <service>
what's <staff> got <day>
can i get in for a <service> before i fly out <day>
is there space to see <staff> <day>
any slot for <service> <day>
what time is <staff> free <day>
is <day> s <service> full already
good afternoon is it possible to see a <staff> <day> <time>?
the <service> when is another one coming up
when can i see <staff>
would you have <length> <service> <day> <time>
what does <staff> have left <day>
is <day> <time> completely full or is there still a spot for a <service>
do you have anything at all before <day>
when's <staff> next free <length>
is <day> s <service> *nearly full or quite empty
could you check if there's room <places> <day> s <service>
would one more <service> fit into <day> s group
how soon could somebody look at my throat
what have you got with <staff> <time>
are there any sessions left in the easter holidays
does <staff> have <day> free
when could <staff> take me for <service>
what times are going <day> with <staff>
is there a <service> <day> or are they all gone
could you do <places> <day> <time>
have you any days before <day>
what openings has <staff> got <day>
is there any way of seeing a <service> <day>
how booked up are you <day>
which <time> does <staff> have something
are there <places> left in <day> s <service>
do you still have a <service> for <day> <time>
has the <staff> got any room <day>
when could you next do a <service>
is there space <day> s <service> class <places>
what's free with <staff> <time> <day>
how far ahead is <staff> booked
would <staff> have a slot <day> <time>
does <staff> have anything <day> <time>
what all do you have open come <day> <time>
could <places> fit in the <service> <day>
is there any <service> time left <day>
how soon could <staff> do a <service>
any <service> to be had <day>
anything open with <staff> <day>
how soon could somebody give me a <service>
do you have any time <day> <time> for a <service>
is the <day> <service> full already
<day> what times have you still got for <service>
would there be anything <day> with a man for a <service>
is there a spot for a <service> <day>
what does <staff> have open <day>
how far out are you *scheduling <service>
do you have anything at all <time> <day>
is <staff> free <day> <time> for a quick <service>
any openings <time> <day>
what's the earliest <day> for a <service>
how many places are left in <day> <service>
what is the earliest that i can see a trainer <time>
does <staff> have <length> <day>
when can i +box with coach <day>
is there any trainer available now
is there still room in the <service> <day>
what times has <staff> got <day>
any <service> slots left <day> <time>
when could <staff> see me next
have you got something <time> <day>
are you all booked up <day>
could <staff> fit in <length> <day>
got room for one more in <day> s or <day> s <service>
do you have any <service> open <day>
what's the soonest i could get a <service>
are there <time> times for the <service> <day>
is <day> *crowded or have you got space
has <staff> anything <day>
is it possible to get in to see <staff> <day> at all
what have you free the *morn <time>
how long would i have to wait to see <staff>
do you have an <time> for a <service>
is <staff> free at any time <day> <time>
have you still got spots in <day> s <service>
what's your first opening for <service>
any hope of a <service> <day>
i'm only in town until <day> is there room for a <service> before that
who's got space <day> for a <service>
how does <day> look with <staff>
what slots are going for a <service> <day>
has <staff> got anything <day> <time>
can you fit anybody in <day> for a <service>
when's the soonest <staff> can see me
are the <time> <day> all gone
would <staff> be about <day> to do a <service>
anything at all <time> <day>
you full <day> <time>
i'll be in town <time> <day> got anything for <service>
what's <staff> got open <day>
you have any room left in <day> s *tots <service>
can anybody take us <day>
is there <length> free <time> <day>
how soon could we get a <service>
any chance <staff> open <day> <time>
when's the next <service> with space for six
do you have anything late <day>
are <staff> <day> pretty full
do you have anything free with <staff> <day>
what times do you have for a <service> <day>
any openings for a <service> <day> <time>
is <staff> available <day>
have you got <length> free <day> for a <service>
do you have any appointments with a <service> <day>? my back just went out
would <time> <day> be available for a <service>
do you have <day> appointments
what do you have <day> for a <service>
do you have any <time> openings <day> for a <service>
when is <staff> next free spot
does <staff> have anything <time> <day>
could you fit me in sometime <time> <day>
are there any <service> left <day>
what's available <day>
do you have anything with <staff> <day>
when is the next available appointment with any doctor
what times are free for a <service> <day>
is there still a place in the <service> group <day>
can anyone see me <time> <day>
any chance of a <service> before <day>
have you any room <day> <time> for a <service>
do you have anything for <length> <service> <day> <time>
has <staff> got a gap <day>
how soon could somebody look at my back
is <day> <time> any good for a <service> with <staff>
is there anything left with <staff> <day>
have you got a <time> <day> for a <service>
when would <staff> have time to do me a <service>
is there any way to get a <service> in <day>
do you have <time> appointments for <service>
is there a wait for <staff> at the moment
what have you got <day> <time> for an <service>
are there spaces in <day> s <service>
when's the earliest i can get a <service>
would <time> <day> be possible
i've slipped a disc i reckon can't stand up straight do you have anything at all <day>
i slept funny and my neck won't turn is anyone able to see me <time> <day>
is <day> <time> busy
has <staff> got anything <time> <day> or <day>
what's the soonest <staff> could do <length>
are there any spots left for <service> <day>
when is <staff> free <day>
do you have something <time> <day> for a <service>
what's the earliest <staff> could do an <service>
could anybody do a <length> <service> <day> <time>
is there anything open <day> <time>
what would be the last <service> you could do <day>
by when could <staff> get my <service> done
what's your next opening for a new patient
anything <time> <day>
how far out are you booking <service>
any way you could squeeze my son in <day>
how soon can i get <service>
any gaps <day> <time> for a <service>
is there still space in the <service> <day>
when's <staff> next free for <service>
what times are there for a <service> <day>
have you got anything <time> <day> for a <service>
is <staff> around <day> <time>
what have you got for a <service> <day>
is <staff> free at all <day>
any openings <time> <day> or <day>
when could i get in with <staff> the earliest
how many spots are left <day> for <service>
are there <service> appointments <day>
i'd be interested in the <service> is there one <time>
do you have time for me <day> i can be there <day>
have you any appointments for <service> <day>
when's <staff> next free slot
is there room <day> aid class <day>
have you anything <time> <day>
could <staff> see me any time <day>
how soon can i have <service>
what do you have with <staff> <day> <time>
is <service> <day> sold out
how soon can i get in for an <service>
anything open <day> with <staff>
are there <service> spots <day>
does <staff> have a <time> <day>
when could <places> do a <service> <day>
is there a <service> <day> that a total beginner could do
what's left <day> <time>
do you have any time for a <service> <day>
which days has <staff> got room <day>
is <time> <day> still free with <staff>
what's the soonest i could have <service> done
have you got anything at all <day> <time>
how does <day> <time> look for <service>
could you tell me whether the <time> <service> <day> is full
let me know if anything opens up <day>
is there a space left in <day> s <service>
when has <staff> got time for a <service>
have you <length> with <staff> <time> <day>
anything <day> for a <service>
how soon could you <service> some +pearls
i'd like to learn to make a <service> what *dates are there
is there anything open with <staff> <day>
when's your first opening for a <service>
the <service> <day> is there room in it
<day> free with <staff>
could the nurse do a <service> <day> <time>
how full is <day>
when can <staff> take somebody new
= ask-price
what's the damage for <length> of <service>
how much do you charge for <service>
is it expensive to get <service> made
price list please
is tax included in the prices
what would <length> <service> set me back
how much are the <service> each
how much for an <service>
what's a <service> cost
what do you charge for <service>
what's the price of <service> <length>
how much would it cost to have my <service> straightened
how much for a <service> <length>
*what'll it cost to get the <service>
price for <service> a <service>?
what's the cheapest <service> you do
what would an <service> run me
cost of <length> <service>?
how dear is the <service>
do <service> ups cost less than the first one
what are your rates
does the price include the <service>
how much is <length> in a <service>
what do <service> cost
price of <service> *training?
how much would <length> with <staff> be
what does a <service> cost for <length>
how much are <service>
what's a <service>
how much would <places> <service> be
what's it cost for a kid's <service>
are <service> dearer at <day>
what do you charge per <service>
what would <length> with <staff> set me back
fee for <service>?
is <service> more than <service>
and a <service> roughly how much is that
what do you ask for a <length> <service>
are the <service> free for members of the *rowing *club
how much extra is the <length> <service>
what's a <length> <service>
how much do you charge for the <service>
what does it cost to rent the <service>
cost of <length> on the <service>?
<service> or piano which is cheaper for <length>
what's the charge for <service>
cost of a <service> visit
is a <length> <service> more than the *fifteen
what's cheaper the class or a <service>
how much does one pay for the first <service> visit
<service> *costs?
how expensive is a <service> with you
what would i be charged for <length> of <service>
are <service> pricey
do i pay the same for the <length> <service> and the <length> <service>
is a <service> under twenty bucks
how much per hour for <service>
what's the fee for the <service>
is the first talk free of charge
<length> <service> how much
what's the cheapest service you do
price for mending a <service>
*what'll <service> cost me
are parts on top of that
how much dearer is 90 than 60
what do i pay if my plan covers half
is the +loan <service> free
what's the damage for an <service>
cost of <length> with <staff>?
what would the <service> set me back
is <service> included in the <service> or is that extra money
how many dollars for the <length> <service>
roughly what do your <service> run
your rates for <service> please
is it true a <service> is a hundred and ten
do i pay more if i choose <staff>
price *list?
what's cheaper one 60 or two 30s of <service>
could you give me the price of <service>
how much for the <length> <service>
what is the price of a <service> and a <service>
is the <service> free
how much for <service>
do <service> cost less than <service>
what do you charge for a <service>
how much to <service>
is the <length> <service> more than five hundred
what's <service> work cost
fee for an <service>?
what's the total for <places> in the <service>
does <length> with <staff> cost *ninety five
price of the <service> please
is the <service> more expensive than the later ones
and how much does the <service> thing cost
could you send me an overview of what everything costs
could you tell me the cost of <service>
does <service> cost extra on top of a <service>
how much do i pay for <length>
what's the fee for <service>
what does <service> cost with you
is the <service> dearer for <length>?
what would a <service> come to
price for the <service>?
do new patients pay more
<service> what will you charge
is <service> free
rate for <service> please
how many rupees for <service> a bent arm
<service> how much will that be
how much does a <service> *cost?
what's the price for <length> of <service>
could you let me know your fee for the <service>
cost of <service>?
is <service> more expensive than <service>
how much for one of the <service>
<service> what am i looking at *price-wise?
what do you charge for the <length> <service>
and what would an <service> be
do you charge more <day>
what do <service> cost with you
price for <service> please
is the <length> <service> a lot more than the sixty
what would it cost to fix an old <service>
how much per person is the <service>
what does it cost to <service>
price of a <service> in a pair of *boots?
is the <service> visit free
roughly how much to mend a <service>
what are your charges for <service>
i'm after your fee for that <service>
is the <service> under twenty dollars a go
so a <service> up's seventy five *yes?
how much more would the <length> <service> be
what does it cost to get *made-to-measure <service>
price for <service> both *ankles?
do you cost the same as other <service>
how dear is the <length> <service>
ballpark for <service> for a *pup?
is there a fee if i only want the <service> done
a <length> <service> what's that in dollars
does <service> cost per dog
what's the damage for a <service>
how much for +fitting four <service>
is the <length> <service> worth the money what is it
price you <service> please
how much to fill the +ac +gas
do <service> cost more on a van
is the <service> fee on top of the <service>
what's the price difference between 60 and <length> of <service>
is a <service> over a hundred *dollars?
cost of a *drop-in <service> please
roughly what does a round of <service> set you back
what would i pay for <length> with <staff>
are your prices the same <day>
how much for <service> and a +tint
price of a full <service>?
what's the total for <service>
<length> long <service> more than fifty *quid
how much is it to have old <service> taken off
what's a <service> going to cost me
what does the <service> cost per head
how much does a <service> run
what does a <service> <service> cost
what's your fee for a <service>
how much would it be to <service> with your help
is <service> billed by the hour
<length> of <service> what's that
does the <service> cost anything
what do you charge to come out to a hospital
of the <service> and the <service> which one would cost me less
what's the fee if <staff> *checks my <service>
is the <length> <service> one more than the hour by a lot
price of a first <service> *visit?
what do i owe if i just want <service> put on
do the <service> cost a lot
roughly what am i looking at for three <service> sessions
is tax on top of your prices
how much for a <service>
what's a kid's <service> cost
is the <length> <service> much dearer
*there'd be <places> <service> what does that come to
how much would a <service> and a <service> come to
is it dearer <day>
price for going *blond
what does a <service> run without insurance
how much is it to *freeze a <service>
cost of +custom <service>?
is the <length> <service> session 90 dollars
what's the <service> per person
what will three <service> visits total
how much to have an <service> fixed
what would <length> of <service> set me back
is there a fee for the <service> with the physio
hi what are your prices for <service>
could you tell me the cost of one <service> and whether there's a *pass?
how much extra is it to go from 60 to <length> of <service>
do <service> cost more than 300 dollars
what's your cheapest <service>
how much do you take for the <service> one
is the <service> price for all three or each
what would a consultation and <service> come to together
does the <service> cost more than the *ordinary one
what will i pay you for taking <service>
are <service> free for pensioners
price for *putting together a <service> for eight
what's a playing card size <service> going to run me
do you charge by the hour or by the *piece
would getting both <service> done be double
ballpark for <service> a *tribal *band
what's the rate for a full <length>
how much would <length> of <service> set me back
price for <service>?
what do you take for a first <service> visit
is the <length> <service> much dearer than the hour
tell me what things cost with you
what does <service> cost a time
is there a charge for the <service>
<service> what am i looking at *money-wise
how much for the two month <service>
is the <service> with pictures more expensive
what is the price of the <service>
the <service> is that per class or for the whole course
what would a <service> cost
what do you charge per session
how much is <service>
is <length> double the price
what will it cost to have my child tested for <service>
is the <service> free or do i pay
what are your fees for <service>
what's the price of an <service> session
and <length> of <service> would be how much
how expensive is it to see a <service> for the first time
do you charge a lot for <service>
what do i owe for <length> of <service>
which is cheaper <service> or <service>
could you give me a figure for <service>
how much the <service>
what would <length> and *chin <service> come to
<service> *fee?
and if i take the <length> <service> what's that
how much do i pay for the <service>
roughly what do <service> for the *forehead cost
how much for <length> on your own with an <staff>
<length> and a half in the <service> a lot more
what do you charge people for <service>
price of a <service> for <places>
how much is it per head in the <service>
what are your rates these days
<length> with <staff> would set me back how much
price for the <service> please
how much do you want for a *drop-in <service>
is <service> dear at yours
<service> for <length> what's the damage
cost of <service> for one knee
are <service> more than a hundred dollars
how much for changing the <service>
how much is it if <service> *entered my phone
what will i pay to have my pictures saved from a *dead <service>
is a <service> free
what do you take for <length> of <service>
<service> how much
please what are your charges
what's the price of the <length> <service>
how much would a <service> for +fifteen children be
what does it cost to bring a <service>
is <service> expensive
and the <service> thing is how many euros
do you do ten <service> for less
what do you charge for a first appointment
how much would <length> of the gentle <service> be
price of <service>?
what's a <service> cost and can i buy ten
is the <service> cheaper than the first one and by how much
what would i pay for <service> both knees
how much for <length> with a coach
what does a <service> cost and do i get it back if i buy
price for the <service> for <places>?
how much is the <service> class
what do you charge <service>
is the green fee in the price of the <service>
<service> how much please
what is the fee of <staff>
<service> charges please
how much is the <service> <places>
what does a <service> check cost
how much do you take for coming home and checking the <service>
what is the price for three months
fees for <length> of <service>
<length> of <service> what's that in dollars
rates for <service>?
is a second visit to the <service> as dear as the *first?
what do you ask for the <service>
and the running thing how much is that
is <length> a lot more than <length> for the <service> one
is <service> included in my hundred and ten dollars
do you charge extra <day>
what do you charge to try on
how much to take up a <service>
what would it cost to get my <service> and +boxed
how much for <length> with the <service>
roughly what does a <service> from scratch come to
what's a ticket for the <service> night
what's the cheapest appointment you have
is there a charge for a <service> appointment
how much *ang <service>
*magkano i mean how much is the <service>
price of <service> the short and the long
what is the fee of <staff> for <service>
how much for the <service> with moving pictures of the baby
is the <service> very expensive
<service> fee for *couples?
for the whole package with everything how much
is +ultrasound of the heart more expensive than <service>
how much for the lot <service> and two *follow-ups
what's the going rate for <length> with <staff>
is <service> pricey
what do i owe for <service> if i come three times
*combien for the <service>?
is there a cheaper thing than the <length>
how much do i save if i take <length>
how much is it to <service> there
what would a first visit set me back
what's the damage for the <length> <service>
are <service> dear
price of the <service> work thing per head
is it dearer at night than the take <service> one
how many bucks for <length> with the *doc
what's <length> with <staff> go for
how much is your <service>
<service> what will that cost me
how much for <places> <service>
what will it cost me to renew <service> in all
the <service> is how much
please what is the charge for <service> per page
is the <service> up to hundred *thousand
how much *una *dey collect for <service>
what is the fee for someone whose <service> was refused
what would <length> of the <service> one be
how much do you charge for a <service>
are the <service> *eighteen dollars each or for the month
i only have fifty dollars what can i get for that
what would i be paying for a pair of <service>
is a <service> cheaper than the first one
do the prices go up after the summer
what does a +block of sessions work out at
how much is it just for the <service>
is the <service> nine pounds for each child or for each family
what do you charge for the <length> one with <staff>
how expensive is a <service> for a +tribunal
what's it cost if <staff> visits him at <service>
what's the damage for the <service>
how much for a family of four on the <service>
is the <length> <service> dearer per hour than the <length> one
what would <staff> want for looking at a 30 foot +yacht
does the price of the <service> include the test
does the <service> cost extra if i already have the licence
what do i owe you for <length> of <service>
would you tell me the fee for <service>
is <length> of the <service> one dearer than <length> of the other
what can i get with you for the least money
how much are ten <service>
my daughter needs her <service> looked at what will that set me back
how much would it be to <service> for everything
what are your charges for seeing the <staff>
is the <service> *fifteen pounds a head
roughly what does a <service> come to
do i pay the <service> one by one and how much is one
how much would <length> of the <service> time be
what you charging for a <service>
is the big <service> much more than the small one
how much to fix one <service>
do you charge extra for <service>
what would <service> and a <service> cost together
how much for a <service> and four +bridesmaids
what does a <service> run these days
how much do i have to pay for the first appointment
is the <service> still *eighteen dollars
what's the difference in price between <length> and <length>
can you give me a rough idea what <service> would cost
price for <service> both knees
does it cost extra if i stay <length>
how much do <service> cost
how much do you charge if the <service> got lost
do i pay for the very <service>
how much is the <length> <service>
what would it cost me to get my <service>
are <service> cheaper than braces
how much is it per session
what are you charging for <length> with a trainer
is <service> for children cheaper than for *grown-ups
how many +kwacha for the <service> of <length>
what will i pay for a <service>
if we are two do we pay double
what is the charge for a couple
how much for the <service>
price of <length> of <service> please
one <service> is how many dollars
is <service> physio cheaper than the first one
what would the running thing set me back
do <service> cost a lot
how much is it to <service> for <length>
is the <service> one per person or for both
what do you guys charge for a <service>
what's the <service> run <length>
do <service> cost more than *scrubs
if <places> share the <service> what's the damage
what are you asking for a <service> these days
how much is <length> with <staff>
is it dear the <service> thing
and what do the <service> come to
what does it cost for my <service>
do you charge for a <service> the same as a *grown-up
what would i pay for a <service> of <length>
the fee for a first <service> visit please
is <service> under thirty dollars
would <service> make much of a *hole in my wallet
how much do the <service> run
of the two <service> which one takes more out of my *pocket
how much do you want for a full <service>
what's the price on getting a <service> *zapped
is the <service> dearer than the +brows
<service> what am i looking at
what *d'you charge for +lip and +chin with the <service>
do i pay anything for the <service>
could i ask the price of <length> for the <service>
what's a <service> these days
how much to get in on <service>
do i pay anything for that <service>
what's it run for a <service>
five <service> what would that cost us
is <length> of <service> much less than <length>
is there a fee for <service>
is the <length> <service> much more than the hour
how much would <places> pay for the <service>
what would the <service> cost for <places>
what's the price of <length> <service>
is the <service> more expensive than a massage
and how much for the <service>
how much is it to <service> without insurance
what will i pay for having a <service>
is a <service> twice the price
how much does the <service> cost each
and the <service> what does that come to
could you tell me the price of a <service>
what do you charge for <length> with <staff>
are your <service> priced the same <day>
what's the price of a <length> head of <service>
do you charge more for long <service>
how much do you want for <service> hair included
what's it cost for <places> to have their hair cut
how much to <service> a bad +dye job
what does it cost for a regular <service> these days
how much for <length> of <service>
what's the cost of the <service>
how much cheaper is the ten visit thing
what do i pay for <length> with <staff>
how much is it just to have my <service> done
how much is it with a +gold card
what's the price of a <length> <service>
how much do you charge for an <service>
do you know what a <service> costs
how much is it for the <places> to do the <service>
does a <service> come to less than the <service> does
and for <service> what do i pay
how much is a <service> without insurance
how much would it be to get a <service>
how much for two <service>
what does it cost to get <service>
how much for small <service>
price of <service> please
what would a <service> and a <service> come to
is a <service> dearer than <service>
how much would <service> with <length> be
how much is <service> per session
what would <length> of <service> run me
is <service> more expensive than a <service>
what do i hand over for one <service>
how much more is it for <length>
how much do you charge to do both <service>
what's the <service> cost
is the <service> one dear
what would i pay for <service> and <service> together
what do i pay for <service>
price for one <service>
what would it cost for the pair of us to do first <service>
what's a single <service> run
is the <service> price <places>
what's <length> of <service> going to cost me
cost of the <service>?
what do you charge for the <service>
<length> of <service> what's the damage
how much are the <service> and what's in the price
is a <service> under a hundred dollars
what does a single <service> set me back
cost of <service> please
how much would i pay for <places> in the <day> <service>
how much is it to have a <service>
what would <service> one ring come to
is <service> charged by the letter
what's your price for a <service>
how much are <service> to *restring
how much for the <service> <places>
how much is it if i bring four +pieces to be <service>
a <service> is how many dollars
what does the <service> cost with the +fitting
what's the fee for an <service>
is the <service> expensive
what do i pay for a later <service>
what does <staff> charge for a <service>
= ask-service
how long does the <service> thing take
what exactly is <service>
would <service> help me play <day>
do i have to wear anything special
should i bring my own mat to <service>
do you do <service> for pregnant women
what's the difference between the two <service>
do you offer *cupping
can my 13 year old do <service>
how long is the <service> thing
what happens at a <service>
do i have to take my <service> out before
do you sell +sunglasses
will you put drops in and can i drive home
do you do laser surgery
how often should i have my <service>
how long till my new <service> are ready
which <service> would suit me
how do i know whether i need <service>
what does the <service> include
do you <service> cats
do you take <service> that bite
does he need his *shots first
can i stay with her while she's <service>
can you walk my <service> on <day>
how long does the <service> take
my <service> is scared of *dryers is that ok
do you have shampoo for itchy skin
can the <service> hour be done at 4 months
can i bring my x *rays on a *usb stick
i have a sore neck would <service> or physio be better
will <service> hurt
what's the *youngest age for <service>
what's included in a <service>
is <service> good for stress
how many minutes is a <service>
tell me about <service>
do you have *reflexology
what should i bring along on my first day
am i too old for the <service> at 78
can i eat before a <service>
are shoes needed for the running one
which shoes should i have on
do the cars have two sets of *pedals
do i need my +provisional before i start
do you do *lorry <service>
can i take my <service> in your car
how many <service> until i pass
could my mum come along in the back
could i have the *silver car
is this a bot
how many pictures do i get in a <service>
can our dog be in the <service>
what should we wear
do you do <service> outside
can you fix my *grandfather's torn <service>
how soon will the <service> be ready
could we do the <service> at our office
where can i see your work
is the 90 worth the extra money over <length>
what do you do for tennis elbow
is <length> better than one for beginners
is a <service> session ok for a two year old
can i bring three +outfits
how much time should i set aside for the <service> thing
what goes on in a <service>
would <service> do anything for *plantar *fasciitis
is a <service> only for athletes
do i undress for <service>
can beginners join <service>
do you also offer lymph drainage
how long does the <service> stay on
can you treat a *newborn with a stiff neck
what's the point of <service>
what do we do in <service>
do you teach the drums
do i need to bring my own <service>
is my five year old too little for <service>
my *fingers are arthritic would <service> still make sense
do we get the <service> as a file
do pupils get to play in public
must i +practise every single day
does one have to be able to read notes for the <service>
can dad sit in the room with her
is it worth starting at 55
does the <service> thing use water
how long will the <service> take
what should i bring for a <service>
can you <service> a three year old
do you sell *amplified phones
may i try a pair at home first
do you carry +batteries
can i mail it to you
will someone explain the results
do i have to stop wearing *headphones before the <service>
how's the 60 different from <length>
can i bring my baby along to the <service>
do i need to shave for the <service>
does it matter that i have a metal hip
tell me more about the <service> one
how long am i there for a <service>
is <service> any use against migraines
what happens during <service>
do you offer hot stone
should i have *eaten before
which one is best for a runner with tight *calves
may my husband sit with me during the <service>
is it ok to do <service> with a bad wrist
what to put on for the running test
will i be sore after <service>
how many sessions of <service> does one need
what do you do in <service>
how many kids in the <service>
do you have <service> for *chinese
must she bring her own +calculator
is <service> one to one
can a +primary two boy join
will there be homework
do you teach over video
what's done in a <service>
would you look at a <service> from 1972
do you <service> +scooters
could i borrow a <service> in the meantime
do i bring my own shoes for the <service>
do you do kids <service>
must i wash it first
how often should i have it serviced
will you *engrave the +frame
is the <service> a must before a massage
do you use real <service>
what's better for my shoulder <service> or <service>
do you give <service> for pregnant women
is the <service> thing 30 or <length>
what does <service> involve
do you have *cupping
do you guys do *osteopathy
are <service> all right when i'm on my period
can i wear *leggings for the <service>
which treatment helps against +tension headaches
what is the difference between an <service> and a <service>
can i keep my shirt on during a <service>
what's in a <service>
must i take off my shoes for the <service>
are your <service> sterile
how many minutes is a <service> with the physio
is it sensible to get a <service> <day> a marathon
do you also treat dogs
is the <service> painful
do you provide *towels at the <service>
how soon can i come back after a <service>
is hair included with the <service>
how long does it take to <service>
do you do +relaxers
do you do nails too
must i wash my <service> at home first
how many weeks do <service> stay in
is the <service> good for *dandruff
do you <service> small boys
how long should i plan for a <service>
do you do *payroll
what <service> do i bring for the return
can you help with +returns from three years ago
do <places> have to be there for a <service>
is the <time> class for complete beginners
do you handle crypto
can we do it by video
what would you suggest for a *frozen shoulder
is there something i should not eat before <service>
how long does an <service> *take?
what exactly is <service>?
do you offer *cupping?
would <service> help with migraines
what should i bring for the <service>
is the <service> suitable for *seniors?
which <service> is better for stress
what happens in the <service>
what do i wear to a <service> appointment
can i have a <service> if i'm five months pregnant
do i need to undress for <service>
is <service> painful
do you treat jaw *problems
is <service> any good for tennis elbow
how many people are in a <service>
what happens at a new patient <service>
do you do root *canals?
does <service> hurt
can you make *dentures
do i have to bring anything for the <service>
is the <service> good for +grinding as well
will my face be numb after a <service>
do you put in *implants
in the <service> what do you do
do you do *cataract *operations
can i drive home after the <service>
is the <service> <time> useful for *gamers
do you make *progressive <service>
should i remove *make-up before the <service>
can a five year old do the <service>
what's included in the <service>
are there showers at the clinic i could use
what's <service> like
do you do <service> *cupping or hot stones
is the <service> okay during pregnancy
what all gets done in a <service>
which treatment would be best for *sciatica
do i need my own mat for <service>
can <service> help with a sprained ankle
what's the difference between the <service> and a <service>
is the <service> okay for men
do you offer *pelvic floor <service>
how does <service> work
how many sessions of <service> would i need
what happens in <service>
would you <service> our wedding
can you <service> outdoors on the +beach
is the <service> okay with just a phone
what should the kids wear for the <service>
until what age can a baby have the <service>
do you do school <service>
do you alter <service> bought elsewhere
do you make curtains
can you repair a +fur coat
do you do *embroidery
is the <service> for complete beginners
can i use your shower after the <service>
do <service> come with oil
i'm curious about the <service> tell me about it
how big are the +prints
is the studio heated
what time is the <service> <day>
do you rent out the studio
do you take in *men's +shirts
what's the best material for a summer <service>
i'm after a <service> for a *tent
what would i have <service> for in the first place
will <service> help with migraines
what should i put on for the running thing
do you ever see little ones
is <service> suitable when you're seven months pregnant
how long am i in for with a first <service>
which <service> is better for headaches
do i take my socks off for the <service>
anything for *plantar *fasciitis?
<service> and <service> is that one and the same with you
what's a <service> involve
do you +clip +birds <service> as well
can you *desex a four month old
how old can a *pup be for <service>
do you see *ferrets
how long does <service> take for a big dog
can he have *breakfast before his <service>
does the <service> hurt her
what do i need to bring for the <service>
do you look after cats over the holidays
what do you change in a <service>
do you do +hybrids
how many hours is the <service>
is the <service> with a written report
will you *balance the *wheels too
do you <service> *lorries
i'm allergic to *lavender is that in the oil
it hurts when i *sneeze which of your services is for that
are there <service> or do i bring one
is the water in the studio *drinkable
do i have to hold him during the <service>
which <service> does a *rabbit get
do you also sell <service> or only fit them
what's the difference between <service> and <service>
do you treat tennis elbow
is <service> safe during pregnancy
what happens at a first <service>
do i need to bring anything for the <service>
is the <service> alright for somebody who's never done it
do you offer +hydrotherapy
what do you recommend for sore shoulders from sitting at a desk
do you have anything for people after a hip *replacement
is <length> too much for a first <service>
how long do <service> last
is a <service> bad for your <service>
can you <service> over a sunburn
do you do *men's <service>
how long does a <length> <service> take
should i take my <service> up off before i come
what shoes should i wear for a <service>
is the <service> good for *oily skin
can a *fourteen year old have <service>
what is <service>
will the +tint sting
do i bring my own brushes to the <service>
can you cut my hair
what should i bring to a <service>
do you handle *speeding tickets
do <places> have to be there for <service>
what would somebody need a <service> for
can you help me with a green card
should i sign the paper before i see the <service>
do you do *bankruptcies
what gets covered in the <service>
how many papers can be <service> in one visit
do you deal with <service> who won't fix things
is <length> enough for a <service> for <places>
the doctor says i need <service> but i've never had it how does this work
good morning i got a letter from my <service> and i'm not sure who to talk to
do i have to be a us *citizen to make a <service>
what happens in an <service>
<service> or <service> how do they differ
how long does <service> go on for
is <service> any good for migraines
what do i wear for a <service>
do you treat jaw pain
what is <service> exactly
is <service> all right for a beginner
do you see people after a stroke
would the <service> stay on in the shower
do you do perms
would you <service> up eyebrows as well
how often would i need the <service> done
do <service> get a +booster seat
anything i should have on me for the <service>
can you do a <service> only
do you *thread <service> into *shape or use a blade
do you do *dreadlocks
how long will the <service> thing take
do they put you to sleep for the <service>
what do you check on a <service>
how soon are the <service> ready
do you do *pedicures
do you treat *gout
does +freezing a <service> hurt
what should i bring to the <service>
is the <service> okay for somebody with a *cane
what's the +ultrasound for
do you do laser for <service> *fungus
how many visits does a <service> need
i'm looking at your site and can't tell do i need a <service> before <service>
it's my first time calling i'm a bit nervous about <service> what's it like
i need a <service> for my wife she's six months along is that something you do
i have flat feet and my <service> ache at work what would you suggest i book
how much of my <time> will a <service> eat up
does the <service> thing help with migraines
i've never done <service> what happens in a class
what is the purpose of <service>
what sort of shoes should i have with me for the running test
will i have to undress for a <service>
is the <service> *waterproof
are there any services for people after knee *surgery?
how many visits is <service>
for how many years does <service> last
what do i have to have with me for the <service>
does the <service> include the +vaccines
will the <service> one leave me sore
is the talk only for young people
how long am i in there for a <service>
have you anything for people going up *kilimanjaro
what are you testing for in the <service>
do you do *typhoid
how big can a <service> be
what kind of <service> goes in at the start
do you use a *gun or a +needle for <service>
what happens at <service>
can you <service> +black +ink
how long does it take to get your <service> done
can a <length> be split in two
what should i bring when i come to talk about my <service>
do you guys do *tongues
is there anything you do for *scars
do the <service> come with the price
would you ever do a <service> for <places> <time>
how many people fit in <service>
can you *describe the <service> to me
do you do *lymphatic drainage
i get migraines might <service> do something for me
anything i need to have on me for the <service>
i've never done any *sport is the <service> all right for me
do i keep my clothes on for a <service>
my heel hurts <time> which treatment is for that
i've got tennis elbow is that in your line
so i've got this thing with my jaw it clicks is that something you look at
hey quick one do you have lockers
explain to me what the <service> *involves
is a full bladder needed at thirty weeks
can i come to <service> with a +newborn
what should i bring for his <service>
do you do 3d <service>
do you look after high risk <service>
is the <service> for me or for the baby
how long is a session
do you help with *panic *attacks
is the <service> okay for someone with *asthma
what do we bring to <service>
can <service> who aren't married come
do you offer +grief <service>
how many visits is the <service>
do you do *emdr
what happens at an <service>
do you treat *whiplash
what's <service> good for
how much do i take off for <service>
can <service> help with a heel *spur
do you have something for tight *calves
what will i need for the <service>
is <service> very painful
is a <service> enough if it's a <service>
how many minutes should i plan for a <service>
what is done at the <length> <service>
do you treat <service> loss
can the <service> be taken away completely
do i need to shave before <service>
my <service> is very *oily what would you do for that
is a <service> suitable for sensitive skin
what do you do for *melasma
what's a <service> like
do you also do *microneedling
is one visit enough for a <service>
what does one do in a <service>
can <places> fit in the <service>
do you teach *western <service>
is the <service> all right for a beginner
what do the children do at the <service>
do you have <service> *camps in the holidays
must i be able to +canter to <service>
is there +cake at the <service>
what exactly does <service> do
is <service> something for headaches
how long should i set aside for the running thing
do you work with people after a stroke
which <service> would be right after a marathon
does the <service> stay on in the shower
i'm 70 is the <service> too hard for me
what's the point of a second visit if i feel fine
will i get exercises to take home
what do i have to wear for a knee
the <service> how long will that take you
do you <service> *macs as well
can <service> be got back after a *factory reset
in a <service> what do you take off
my <service> fell in the sea is there any hope
is the <service> hour for people who know nothing
do you <service> printers
can you change the <service> of a very old phone
do i leave it with you or do you do it at once
what is the difference between <service> and repair
how many <service> are in a group
do you teach *butterfly
how long is the <service> each time
is <service> all right for bad knees
my girl is three which <service> is for her
do you do +diving from the board
what's the <service> like
what does a <service> need for the first time
can someone with *epilepsy take <service>
how does *filming under <service> work
how long is <service> and is it every week
at the <service> what will the physio do with me
how long does a session of <service> last
is <service> good for migraines
do you do <service> for kids with flat feet
what should i wear to have my knee looked at
do you offer hot stone <service>
is <service> too hard for someone my age i'm seventy
how many sessions of <service> will i need
what's the difference between <service> and the +relaxing one
what is a <service>
do i need my own <service> for the first lesson
can a *six-year-old join the <service>
is the <service> for beginners as well
do you teach people in wheelchairs
what do i get after the <service>
how many people fit in the <service>
do you also do tennis
must i bring shoes
can you cut my driver shorter
which <service> is right for somebody who plays off twenty
what all do you ask in the <service>
the <service> is it five minutes or <length>
do i have to be +fasting for the <service>
do you give <service> for +pcos
is the <service> possible for *pure *vegetarians
can you help with kidney stones
is the <service> also for men
my daughter is *fourteen does she go to the <service> +dietitian
which papers must i carry for the <service>
do you give *injections for <service>
will i get a printed <service>
tell me what all you do in the <service>
is it *veg friendly and what should i bring for the <service>
what happens during <service> is it *electric?
how long would i be there for a <service>
i've had a hip *replacement can your <service> help after that
which of the <service> would suit an old lady with stiff shoulders
do you do +hydrotherapy
could i take part in the <service> with a bad back
will one session of <service> be enough
what do you do at a <service>
do you do <service>
have you <service> as well as <service>
what am i to bring to the <service>
can <service> come to the children's +fitting too
do you do <service> and *make-up
is a <service> tried on with my own dress
how many times will i have to be fitted
do you do <service> for *debs
could my <service> be made shorter after the day
the <service> what all do you do there
how many minutes is the <service>
do you have *ct <service>
is an <service> painful
from what age should women have the <service>
is the <service> for the men also
what is a <service> exactly
can i eat before the <service> of my +belly
is it safe to have an <service> while breastfeeding
what goes on in an <service>
would a <service> help with *shin *splints
how many <service> do you put in
do you treat *vertigo
for the <service> thing do i run on a *treadmill
is the <service> ok for someone who's *seventy-eight
will <service> work if i'm on blood *thinners
can i come to the <service> pregnant
do you do anything for jaw pain
what's in the <service> appointment
does the <service> hurt
how long's a <service>
what should i *pack for the night
would a <service> work with *dentures
can teenagers come to <staff>
do you do *acupuncture for <service>
what time do i *rock up for the night thing
is the group any use for <service>
do you see <service> under two
what's the <service> for
can i bring my own +pillow
what does the <service> cover
do you do <service> for *america
can you people help with *nin registration
what should i come with for the <service>
is the <service> a real lawyer
does the <service> include a new application
what will they ask me in the <service>
can i do <service> of +birth certificate
do you handle +schengen
do you work with people who have had a stroke
is the <service> done on a *treadmill
can <service> help with a swollen knee
what happens in an <service> what will they do
how long does the <service> go on for
must i take my clothes off for a <service>
i have *osteoporosis is the <service> suitable
should i bring the <service> that i have now
how many people are in the <service> usually
what exactly do you do with a child in the session
would the <service> help somebody who sings in a *choir
do you see adults who have had a <service> or only children
roughly how much time should we allow for an <service>
my little one is only *fifteen months is she too young
for the <service> am i to bring food along
can you teach me to <service> less *geordie
he is +autistic and hates *bright lights can you *cope with that
will she have to read *aloud in front of others
do you still do the groups <day>
do you teach on *keelboats or just <service>
what's in the <service> is there much +theory
how long are we out for on the <service>
my daughter's seven can she do <service>
do i need my own +wetsuit for the <service>
is the <service> all right for someone of seventy
can i wear *thongs on the <service>
what do you teach in the <service>
how rough does it get out there
how does <service> work exactly
would you say <service> is good for *migraine
does somebody in your team treat jaw pain
how long will the <service> last
should i have *eaten before the <service>
is <service> with you suitable for somebody who is *seventy-four
do i need to bring my own <service> <day>
i have a new hip am i allowed to do the <service>
what do the <service> help with
what will you <service> for with the *pinpricks
does a <service> take the whole day
is the <service> right for a child of five
what do i have to bring to the <service>
could you find out whether i'm allergic to washing *powder
do you do anything for *hives
do you <service> for *coeliac *disease
how does the treatment with <service> work
what's the difference between the <service> and the skin one
can i keep my *contacts in for the <service>
will <service> *wreck my own nails
do you do *dip *powder
is the <service> one okay if i have a *corn
what <service> can i get
my daughter is *thirteen could she get <service>
can i come straight from the +beach for <service>
is the <service> going to be painful
a <service> that's how many minutes
do you help with *sciatica
can a pregnant woman have <service>
what kind of clothes are best for the <service>
which <service> would you say is better for stress
is <service> something for a heel *spur
is it okay to drive after <service>
how long will he be in the chair to have <service> put on
what do i need to bring for the first appointment
does getting them <service> hurt
what is an <service>
do you do *veneers
can the <service> be worn over braces
is six too young for a <service>
do you treat people who <service> their teeth at night
how old do you have to be to <service>
what do they do with me in the <service>
will <service> help me with my stress
do i need to be flexible for <service>
should i eat before the <service>
what do i come with for the <service>
do you have *swimming
is the <service> *accurate
what all do they do in a <service>
for how long does an <service> go
does <service> work on *plantar *fasciitis
do i bring anything along to <service>
is +hydrotherapy among the things you do
i'm over seventy is the <service> something for me
what should i wear for the knee check
which one's better for a tight neck <service> or +relaxation
what is a <service> anyway
do i get my hair wet in the <service>
does <service> help with anxiety
do you have a +steam room
what all do i bring to the <service>
is the <service> safe if i've got *asthma
can a guy my size fit in the <service> i'm six five
what's done to me at a <service>
is the <service> any good for <service>
do i need my red book for the <service>
can you help with tennis elbow
my granny has had a hip done can she take part in the <service>
is the <service> very sore
what goes on during a first <service>
how long will i be on the table for <service>
could <service> do anything for my sore *thumb
do i have to bring my old runners to the <service> thing
would you say that a <service> is good for a stiff back
do you also fit knee braces
is the <service> all right for somebody who's never done it
what does <service> actually do to your face
is a <service> the same as *extensions
would a <service> fit in me <time>
will one go be enough to get a <service> off
does the <service> come in different *shades
what should i have on when i come for my <service>
does the <service> thing work for a *feller
have you got anything for the <service> on my +cheeks
do you do *sugaring
can your <service> do me whole back in one go
what all do we learn in a <service>
is <service> just for girls
how long's <service> go
does a <service> hurt
what kind of shoes for <service>
<service> or +ballroom i can't tell them apart
can a total beginner do <service>
do you teach *flamenco
can i learn <service> from you
would the <service> tell me if i'm any good
how long does an <service> take
does <service> help with headaches
is the <service> hard
what will they do with me in the <service>
do you do any kind of yoga
is the *cleaning time included in the <length> of <service>
what's the difference between the full and the <service>
is a <service> okay for sensitive skin
do i keep my clothes on for <service>
do you offer *lash *extensions
does the <service> include polish
how long should i plan for a <service> and <service>
what's the <service> good for
do i need to do anything before my <service> are cleaned
what's a <service> for
do you do allergy <service>
how many <time> is the <service>
can you take off a <service> *tag there
what happens at the first appointment
how long is a <service> appointment
would <service> be right for tennis elbow
what's <service> like for somebody with a bad back
does a <service> include the *treadmill
what if the <service> is too painful for me
a <service> what's that when it's at home
does a <service> cover +greys properly
will the <service> *wreck my hair
can you do a <service> with a *pattern
do you do *keratin treatments
is a wash included in the <service>
could you do my nails while i'm there
what does a <service> show
can an <service> fix *sciatica
what's the difference between an <service> and an <service>
what is <service> supposed to do
is the <service> okay for a seventy year old
do i need trainers for the <service>
do you give out <service> to do at home
will i be fit to drive myself home after <service>
what if it rains and my <service> gets wet
does the <service> have to be awake
how many minutes is a <service> appointment
would <service> help with a stiff neck
what would <staff> do with me in a <service>
what should i have with me for my <service>
i want to know whether <service> is any good for tennis elbow
does <service> work on *stained teeth
do you do *invisalign type *trays
what are <service>
is a <service> the same as a +checkup
what do i bring to my <service>
i broke my *retainer is that something you can fix
how long do <service> take
how do <service> differ from <service>
can you do <service> on really fine hair
do i need to bring hair for the <service>
do the <service> include a wash
is a <service> the same as a wash
i'm not sure if i should get <service> or <service>
how long before i can <service> my hair after +braiding
how long does it take to have <service> made
what do you do during a <service>
are <service> and <service> two names for one thing
can <service> do anything for *vertigo
should i have papers with me for the <service>
do i need an <service> before i can have <service>
how is <service> different from the +relaxing one
how long does it take to do one <service>
do i have to fast for the <service>
is the <service> as good as the +jab for kids
what should i take with me for <service>
do you do covid *boosters
is the <service> one +injection or two
is there any point in getting a <service> <day>
i take *warfarin can i still get the <service>
is it you that does the +yellow fever
what's a <service>
is <service> hard
is <service> the same as mat +pilates
would the <service> help my *sciatica
what do i need to bring to <service>
do you have hot <service>
do i need the <service> before a private
how far along do i have to be for <service>
my doctor *cleared me for exercise after my knee surgery what should i start with
do you have anything for a stiff upper back
can i come to <service> if i've got a bad wrist
how long would a first <service> last
what would i be doing in the <service>
is <service> something i can shower with
could <service> help my migraines
who is the <service> meant for
is lymph drainage something you offer
is the <service> with oil
does one go of <service> do it or are there several
what does a <service> involve
can a +titanium <service> be made bigger
do you <service> +digital +watches
what do i need to bring for a <service>
is a <service> the same as a <service>
do you +plate things in +gold
is it worth having a cheap <service>
do you know how long <staff> needs for a <service>
tell me what a <service> is made up of
do i need a full bladder for the <service>
what should i bring to my <length> <service>
is the <service> safe in pregnancy
do you take out +fibroids
can the <service> help after a *c-section
do you have anybody for *postpartum *depression
= ask-hours
when do you open <day>
you guys open <day>?
what are your opening times
are you open late <day>
are you working bank holidays
are you open <day>
do you open <day>
are you around <day>
opening hours please
how late are you open <day>
are you shut for <day>
do you open <time>
do you do <time>
what time do you knock off <day>
until when can i come <day>
when are you closed
do you work on <day>
are you there <day>
until what time can i come <day>
is the practice open <time>
do you work <day>
when do the doors open <day>
latest you're there on a *weeknight
are you open over <day>
open on <day>?
<day> hours
what time do you open
are you still there <time> <day>
what are <day> s hours
is there somebody there <time>
are you working on <day>
when do you shut <day>
till when <day>?
do you close early on bank holidays
opening *times?
is the clinic open on <day>
can i come in <day>
from what time <day> is somebody in
are you shut on <day>
do you work <day> <time>
until what time <day>
what time *unu open <day>
you working on <day>
what are your hours <day>
how early do you get in
could you give me your opening hours for the *week?
will you be closing at all over the easter break
will anyone be at the clinic on <day>
how late can i come <day>
are you open at <day>?
till what time are you open <day>
are you working on <day>?
are <day> open for you people
what are the timings
do you have <day> hours
when does the clinic close <day>
is the clinic open at this moment
your hours during the week please
do you close early on <day>
till when are you open <day>
is the practice open on <day>
do you start <time> <day>
are you around on <day>
till when can i reach somebody <day>
you open <day>?
are you there <time> <day>
until what time can i collect <day>
you open <time> or <time>
the other day you were closed <time> why
hi could you tell me the hours you're open for <service>
will you be open on <day>
what time does the clinic open <time>
how late do you stay open <day>
are you open on the <day>
do you open <day> at all
can i come by <time> or is that too early
do you guys do <service> <day>
<day> will i find you in
<day> until when can i reach you
do you work <day> at all
what are your hours over <day>
is someone at the clinic <time>
you *fullas open <day>?
when do you knock off <day>
are you open <day> <time>
what time does the office open <day>
are you closed for <day>
<day> what's the latest i can show up
at what hour do you lock up <day>
are you guys open on the <day>
is the clinic shut for <day>
could someone still come by <time> <day>
will you be at work on <day>
is there anyone in <time> <day>
do you shut for <time> at all
what time can i ring from <time>
how late <day> nights
what time does the shop open <day>
you open on <day>?
is anybody there right now
is anybody there <day>
until when can i reach you <day>
when are you open in the week
from what hour <time> can one come
<day> you stay till when
do you shut in the middle of the day
what are the <day> hours
<day> will anyone be at the clinic
could someone who works <time> ever reach you
till what time <day>
<day> from when
are you open now
how long into the <time> are you there <day>
would i find you open on <day>
what are your opening times <day>
is the place shut <time>
when does the practice open <day>
are you working <day>
<day> until what time can i come
are there any <time> hours at yours
is the clinic going to be open on <day>
what time can we come <day>
when do you shut in the week
will there be anybody on the yard on <day>
is the yard open <day>
till what time are you there <day>
<day> will the clinic be open then
how early can a person come in on a <day>
closed on <day> i *suppose?
from what time can i bring it <time>
are you there <time>
<day> from when until when
how early can i <service> in the week
is the <service> open <day>
<day> is everything shut
until when <day>
<day> until what hour is somebody there
over <day> when is the clinic open
when does the clinic open <time>
is the desk shut <time>
are you closed <day>
till when are you there <time>
can i come <time>
<day> is anybody at the studio
please share the clinic timings
are you open <day> also
<day> is a holiday will you be open
from when <time> can i come for a <service>
is there a <time> at the clinic
do you open <time> <time>?
how long are you about <day>
is <day> a working day for you
will i find anybody there on <day>
your opening times please all days
would anyone still be in <time> <day>
do you stay open through <time>
until what time do you accept patients <day>
open *ba *kayo on <day>?
what time earliest can i come <time> <day>
do you close on *legal holidays
you lot do you open <day>
do you do <time> at all
on <day> is it business as usual
do you shut <time> <day> or <time>
is anybody there <time>
how late can i ring <day>
what time does the clinic knock off <day>
are the +doctors there <time>
open over <day>?
do you people open <day>
when is your closing time <day>
will you work on <day>
from what time can somebody come <time>
can i come as early as 7
will somebody be working on <day>
do you have <time> hours during the week
which days does the clinic open early
until what hour could i reach you <day>
are you open in half term
do you close for <time> at all
can i bring him in <day> or are you shut
what time do you start <time> <day>
are you closed on public holidays
is the school open all year round or only in summer
until when can i call you <day>
will i find you there on <day>
from what hour is someone in <day>
is the clinic ever open <day>
are you open late any <time>
how late does <day> go with you
will you be shut over <day>
is anyone there <day>
what time you open <day>
are you ever open <day>
<day> from when until when are you there
will anybody be at the clinic on <day>
what time do you guys open <day>
how late can i call you <day>
<day> are you closed then
what time do you open <time>
up to what time are you there <day>
<day> will you be open
up to what time are you open <day>
what are the hours <day>
will you be shut the whole of <day>
how early can i get in <day>
<day> is anybody there
you open late <day> right
<day> how late are you there
<day> what time do the doors shut
is it open with you at <day>
will there be anyone in on <day>
when do you lock up <day>
anybody behind the desk on <day>
what's the earliest that you open in the week
is anybody in on <day>
do you keep <time> hours <day>
what time are you there till <day>
you're shut <day> aren't you
bank holidays are you in or not
how early can i come <day>
what time's it start <day> with you
you open <day>
how late do you stay open <day> through <day>
will the studio be open on <day>
what time does the place open <day>
are you running a regular schedule <day>
when do you open <time>
which days of the week are you closed
do you open earlier on <day>
do you close for <length> <time>
when does the front desk open <time>
can i come in <time> what's the earliest you open
are you open <time> <day>
is anyone there <time> <day> <time>
do you have a late night
will you be closed over <day>
is the place open now
do you shut for <time>
from when until when are you open on a normal day
is the office staffed over the noon hour
at what hour does the clinic open up
which hours are you there <day>
is the clinic shut <time>
how late can i still call in <day>
what time do you open at
<day> when do you lock up
until when are you open during the week
how early can one come in <day>
are you open late any night
is <day> a short day at the clinic
is there a <time> when nobody's in the shop
what time are you open until <day>
you all open <day>?
<day> till what hour are you there
what hour does the first person get to the clinic
= ask-place
which bus gets me there
is there somewhere i can leave the car
can i get a wheelchair through your front door
do you guys have a shower
how do i get to you from the bus stop
are dogs allowed inside
where in *galway are you
is there parking nearby
can i get in with a buggy
do you have the toilet on the ground floor
where can i drop off
how far is it from the station
how do i find you
do you *validate parking
what's the address again
how do i get in from +wharf +lane
can i lock up my bike outside
do the *buses stop near you
do you have changing rooms
where's the office
can i leave my own car at yours
will you collect me from home
is there *shade for the car
which street are you on
is the studio upstairs
where do <service> start
can i get picked up from school
coming from the ferry which bus takes me to your door
i'm in a wheelchair will i manage
is it hard to find a parking spot
how many parking spaces are there
do i need to climb stairs to the <service> room
my mother uses a walker are there steps
what's your address
what's your phone number
how do i reach you by bus
can a taxi stop in front of the house
is the entrance on the *main street
where exactly in *tern bay are you
do i have to pay for parking
which exit of the station
where can i sit while she has her <service>
can i pull up outside with a van
is there a ramp for a *cargo <service>
does the building have a back door
how far from the station are you
what's your street address
i'm in a wheelchair can i get in
does the number seven stop nearby
which side of the building is the door on
how do i get to you from the highway
where's the nearest bus
are you the place next to the harbour
what road are you on
is my car safe outside
can a wheelchair get up the +veranda
where is your <service> exactly
where can i put my *truck
is there *parking?
which bus do i take to get to you
is the building wheelchair accessible
what's the address please
how do i find the entrance
do you have an elevator
is it far from the station
can i get in with a pram or are there steps
where exactly in *inverallan are you
which +buses come past
where to park my scooter
how far from the +jetty
can my father come in with his wheelchair
what is your *exact location
could you tell me where the clinic is
is there free parking near the clinic
do you have a ramp for wheelchairs
which bus stops at your building
what is the street address
where is the entrance exactly
where can we park
is there an elevator up to the studio
how far is it from the ferry
what floor is the studio on
where in *wexcombe are you
can i park outside on market day
is there a step at the shop door for my wheelchair
does the bus stop near the shop
is there somewhere safe for my bike
where abouts on *causeway street are you
can i bring my car right to the door
is it far from the ferry
i use a walker any steps at your entrance
which bus gets me closest
where do i leave the horse *float
is there a ramp my mum's in a chair
does a bus go anywhere near you
can i find you *easily from the highway
where's your gate exactly
which +matatu comes there
where do i leave the key
my partner will collect me where can he wait
is there *shade to park in
what's your address again
is there parking near the clinic
is your building wheelchair accessible
which door do i come in by
where's the salon
is it possible to park right outside the salon
is there a <service> my gran can't do stairs
how far are you from the train station
which street is your office on
is there some kind of ramp at your office
does the number 3 bus stop near you
where do i park and how early should i come
whereabouts on *causeway street are you
which bus comes closest
is there somewhere to leave the car
i use a walker can i get in without stairs
what's the clinic's email
how do i find the shop
can i get a pushchair in
where's the nearest place to park
what do i put in the *satnav
which floor is the office on
will you stamp my parking ticket
what cross street are you at
can i get off the bus anywhere near you
what's the street address please
i'm coming by bus from *downtown which stop do i get off at
is the door to the building on *causeway or +wharf +lane
can a person with a walker get in *easily
where do i send you an email
how would i get there on the tram
is there a lift for the buggy
what floor will i find you on
can i park at the church
whereabouts in +kilbrack is the clinic
where are you at exactly
is it a long walk from the train
free parking anywhere close
can i get my wheelchair up to the chair
what's your website
whereabouts on *causeway street is it
how do i get to you by bus
is there parking for a *camper van
can you get in with a wheelchair
which entrance should i use
what's the postal code there
i need the address for the taxi driver
which +maxi do i take from +san +fernando
is there space out front for my van
is there an elevator for the +stroller
where can i find you in *fynbos bay
is there a bus stop near you
i use a wheelchair can i get in
is it safe to park there <time>
what's the address
which bus do i take from the ferry
how far is it from the harbour
is your door on *causeway street or round the back
where in *bukit *serai are you
which floor do i *press in the lift
got parking or not
how do i walk from the clock tower
is it near the ferry
how do i find the *farm
where can i leave the <service> +box
is the yard all right for a wheelchair
what's your postcode
where are you located exactly
is the parking lot *lit at night
can i get a *stroller in the door
is that your only branch
upstairs or ground floor where is it
i can't <service> your shop where is it
which +trotro *passes there
can i stop the car in front
are you near the +mosque
can someone on crutches get in
where do we park
coming by bus which one
is the <service> indoors
is there a lift into the <service> for my dad
what's your street called
where is your entrance i'm standing on +wharf +lane
can i get to you by bus
is parking free
i use a wheelchair is that a problem
how do i find you from *thika road
is it safe to leave the car there
which +matatu do i take
are there stairs to the +bays
near which landmark are you
is there a lift my <service> can't climb
can i park a car there
how far is it from the +metro
i'm at the ferry how do i walk to you
what floor are you on and is there an elevator
where can the kids leave their bikes
sorry what street was it again
how do i get in if the front door is locked
how would i get to you from the station
whereabouts on the *quay are you
my *granny's in a wheelchair can she get up to the rooms
where's the nearest car park
where exactly are you in *acacia near the *church?
which +jeepney goes to your clinic
is there an elevator for my *lola
can i leave my +motorcycle there
is there a place to park for a van
is there anywhere to put my scooter
could you send directions from the highway
is your building the one with the red door
can my chair get through the door it's an electric one
where's the bus stop
do i have to climb anything to get to you
where do i leave the +ute <service>
how long a walk is it from the ferry
got a *lift? mum's on a walker
which *wharf are you at
can an ambulance chair get in the +bedroom
which bus stop will i come down
please where is your office located
is there parking space for a *sienna
my mother cannot climb stairs
which side of the post office are you
do you have somebody to help an old woman at the entrance
is *transport from *ikeja easy
is there a bus from the ferry *terminal
i use a walker can i get in without steps
there are three doors through which one do i come
how far are you from the highway exit
where do i go once i'm inside the building
could i walk it from the station
where do i put the car when i've got the baby with me
will a double pram go through the door
which bus do we get from *headingley
is there a lift or is it all on one floor
where exactly is the +slipway
is it far to walk from the bus
can i leave my trailer with you overnight
mum's in a wheelchair could she get onto the +jetty
where will i find your front door
is there anywhere to leave my *motorbike
my dad can't do stairs how does he get up to you
how far are you from the ferry
where are you in *cardiff
can i get a pram in the door
is there a bus from the bay
where do people usually leave their cars
where in *bridgetown are you
is it a lot of stairs my knees are bad
where do i park <day>
are you near the bus +terminal
where can i park near you
is there a bus that stops near the clinic
i use a walker is that okay with your entrance
what floor is your office
do i have to pay to park
are you anywhere near the library
where exactly is the studio
which +minibus do i take from town
is my car safe at your place
could you tell me your address again
is the door on the +wharf side or the street side
is there a lift i've got a bad leg
which bus goes out to you
which end of town is your place at
can i park my *truck there
does the <service> work for someone in a wheelchair
is there a bus out your way
whereabouts in *edinburgh are you
what bus do i get from *leith
are there many steps up to you
is there anywhere to leave a car
what number on *causeway street are you
coming from *halifax how do i get to you
do i pay for parking behind your building
i use a walker can i get in by myself
where about on +loom street are you is it by the *chippy
can i get a pram up to you
which tram stop do i want
what's parking like <day>
what side of *mesquite <service> are you on
is there somewhere to park a big +truck
how far are you from the *pearl
can my mom get in with her wheelchair
where exactly is the +spa
which *c-train stop is closest
is it accessible for a wheelchair
can i park my scooter outside
which bus <service> near you
are there steps at the front door
is there a +chemist near the surgery
is there anywhere to leave my bike
my father uses a wheelchair can he get in
is it a long walk to you from the bus stop
are there lockers where i could leave my bag
whereabouts in *leeds are you
i'll have the pram with me will it go through your door
is it far from the train station
are you near the harbour bridge
my mum *walks with a *frame is your entrance all right for her
which bus goes past you
where are you and do you have parking
is there somewhere i can hang my coat
i come straight from the *surf have you got showers
where would be a good place to park when i come
do you have a ramp my dad is in a wheelchair
where's your office
does the building have its own parking lot
what bus goes by you
are there stairs i'm on crutches
remind me of the name of your street
can i park outside the shop
which tram do i catch
can you get a pram through the door
what part of town is the clinic in
where would i leave my car
is it wheelchair friendly
what's the street called that you're on
can i park at the door
does the 4a go past you
can you get a double buggy in
is parking free <time>
do i have to climb stairs
which building is it i'm standing on +tabby +lane
i'm new in town how would i find my way to you
is the parking free of charge
i can't climb is there a lift up to you
what's the postal address
coming by train is it a long walk to you
is there a car park near *tallow steps
could my nan get in she can't do steps
where exactly is the <service>
what's the name of your road
can i get a taxi to drop me by the door
is there parking for my *truck
which +jitney do i take
= ask-policy
will blue *shield cover this or do i pay *upfront
what happens if i cancel <day>
do gift vouchers run out
do i need a doctor's referral
can you bill my insurance directly
will i get a text reminder
how late can i be before you turn me away
what's your cancellation fee
can i pay for <service> in instalments
is the <service> free with a medical card
how long are <service> guaranteed for
what if i don't turn up
how many days notice to cancel
what if i cancel <day>
do vouchers expire
do i have to pay a deposit
can i pay half now and half later
are the receipts emailed
is it ok to be five minutes late
is apple pay ok
what's the penalty if i forget to come
do you direct bill green *shield
can i use my gift certificate for <service>
how far ahead can i book
do i get a receipt for taxes
what if it snows and the <service> can't go ahead
how do i pay for <service>
what if i need to cancel the night before
must i pay a deposit
can i publish the <service> on my page
do you take *e-transfer
can my wife use my voucher
do i pay up front
how long do vouchers last
is cash okay or only cards
what if i have to cancel last minute
does sun life cover this and do you bill them
how long is my voucher good for
do you send a reminder before the visit
do i have to put down a deposit
what happens to my health information
do you send invoices or do i pay each time
what if <staff> is off sick
if i can't come one week do i still pay
do you take my hsa card
do i get charged if i miss it
is it covered by insurance
how long are the <service> under warranty
i lost one of my <service> what now
can i pay with a cheque
i pay with *desjardins insurance do you handle that
have i still got time to change <day> s visit for free
how do i pay can i tap my phone
will *manulife pay
i might have to cancel how much notice do you need
can i give the voucher to a friend
are tips expected
do i get an invoice for my plan
how long ahead can one reserve
how to pay
if he falls sick must we still pay
do i pay per <service> or per term
are the notes included
can we swap the tutor if it doesn't click
is there a guarantee on <service>
may i leave it with you the night before
do you collect <service>
can i pay half with a voucher and half by card
what if the therapist cancels on me
is there a charge when i reschedule
does harbour *mutual cover <service>
what if i forget my appointment
can i pay <day>
will i get a text before the visit
what happens if i show up a quarter of an hour late
up to when can i cancel for free
do i need a doctor's note
can you bill my plan directly
is it mandatory to leave a phone number
can i bring my baby along
do you accept *walk-ins
what is the late cancellation fee
do you want a deposit
if i come late what happens
card *machine?
do you take *checks
may i leave my <service> in a +mailbox
is my information kept private
do you keep my card on file
are vouchers valid for <service>
can you bill my insurance *directly?
how does your cancellation policy work
would a cheque be all right for paying
do i need a doctor's *referral?
can i pay by credit card
do you sell gift certificates
do i get charged if i cancel <day>
do i get some kind of reminder <day>
what if i'm running late
can i get a receipt for my insurance
are your prices with tax
is there some kind of monthly plan
could the bill be paid in instalments
are you taking on new patients at the moment
is there a charge if i have to cancel last minute
could i claim this on my insurance
can you get my records from my *previous dentist
do i have to pay if i miss my appointment
card payment is *ok?
is there a warranty on the <service>
will you give me the prescription to take elsewhere
when will my new <service> be ready
what is the charge if i cancel late
how long are the gift vouchers valid
do i have to book the <service> or can i just show up
do you direct bill to insurance
how much notice do you need for a cancellation
is there a fee if i cancel <day> s visit <day>
can i buy a gift voucher online
do you accept +debit cards
is a referral necessary for <service>
suppose i don't show up what then
do you send out appointment reminders
can i bring my baby to my appointment
will i be charged if i'm late
how long do gift vouchers last
can i get receipts by email
how long until we get our <service>
can i post the <service> on my website
do you keep the +files
does rescheduling cost a fee
are gift cards something you sell
what if my toddler won't *cooperate
how soon would an <service> be ready
can my brother collect my <service> for me
what if it doesn't fit after you've <service> it
can you do it quicker if i pay more
should i wash it before i bring it
is it ok to bring the dog
what do you charge if i miss my <service>
does insurance cover <service>
are gift vouchers good for <service>
how early should i arrive for my <service>
what if it snows <day>
can we bring our own +props
we're running twenty minutes late is that a problem
can i collect my <service> <day>
where would i change is there a changing room
how much +fabric do i need for a <service>
what happens if i cancel the <time> before
would my *greenfield plan be billed directly
are you fine with cheques
do you text people a reminder
till when can i use a gift voucher
is it okay if i bring my toddler along
i've got a cough should i still come
do i get charged when i'm *fifteen minutes late
can i get a receipt for my taxes
do you deal with +pet insurance
may i sit with him while he's being treated
can i get more of her heart tablets without coming
what if i miss the appointment
do you run +accounts
when will the blood results be back
can i wait there while you change the <service>
do i get my old parts back
what guarantee do you give
can the <service> sleep there two nights
will you call before you replace anything
do you give a lift home
is mobile money okay
does the company get an invoice
i need a note for my employer
could i pop in to pick up a form
do i really need a referral
is it okay to bring both <service> on one appointment
are cats and <service> in the same waiting room
will you text me when she's ready
does the tow +truck come to *karen
can i see my <service> while you work
what if my plan *changes in the middle of treatment
do you ever run late
do you direct bill my insurance
how does cancelling work with you
how long are gift certificates good for
will i get a reminder before my appointment
can i bring my service dog
do you email receipts for insurance
is there a fee if i don't show up
do i need a +patch test
do you take a deposit for <service>
what happens if one of my <service> breaks
are your products tested on animals
can i buy a voucher online
could twelve of us come for a +hen do
what if i cancel on the day
can my little dog come with me
is the first <service> free
can i pay in +installments
is everything i tell you confidential
do you accept personal *checks
can we do this over video
how long do you hold on to my *documents
can i bring my kids along
do i have to find +witnesses myself
i have a voucher for a <service> how do i use it
can i bring my baby along while i have my <service> done
can you bill my work insurance straight
is cash fine
do i settle up before or after
suppose i forget to come what then
may i already book for the summer
how long before do i have to call it off to not be charged
will you remind me <day>
will i get a receipt for my taxes
is it ok to come ten minutes late
can my *teenage daughter join the <service>
do gift certificates run out
is there a surcharge on cards
can i pay with my watch
do i have to book or can i just *rock up
what if one of my <service> has +nits
do i get charged if i cancel on the day
could i bring the dog in with me
my boy is +autistic and hates noise is there a good time
can i buy a voucher for my dad
how long will you hold the chair if i'm stuck
is a neck <service> free
do you accept blue *ridge insurance
can i write a check
will my hsa card work
do you bill +medicare or do i
does my family doctor have to send me
what if i get stuck in traffic
can i have the paperwork ahead of time
what's the charge for a no show
should my <service> be *bare when i come
would i be fit to drive afterwards
at what age do you start seeing kids
is my service dog allowed
how do i get a copy of my +chart
can i do the <service> over video
sorry one more thing what should i bring
can i come with my *newborn
what's the wait like <day> if i just show up
i got a letter that i missed my appointment what do i owe
do i need cash or can i tap my card
if i cancel <day> for <day> <time> do you charge
my plan is with blue harbour will you send them the claim
what are the rules about being late
do i need a letter from a doctor before my <service>
can i use a gift certificate for <service>
how early should i arrive
am i allowed to bring my toddler with me
would a card do for paying
how many weeks before the <service> should we see you
i've *mislaid my <service> book does it matter
may my +sixteen year old come alone
am i ok to go to the gym after a <service>
would you let my gp know what i got
what happens if i turn up twenty minutes late
could i have a glass of wine with dinner after the <service>
i pass out when i see a +needle how do you manage that
is an email sent with the results
how old to get a <service> there
do i have to bring my +license
can my girlfriend hang out with me while i get *inked
do i have to put money down
how soon can i get in a hot +tub after
i had a few *beers last night is that a problem
is the first <service> on the house
do you have +numbing cream
how do i clean it at home
can i tip on my card
when do i have to let you know if i can't come
am i going to end up on your *instagram
do i need to shave my leg first
what would happen if i don't show
does a booking hold if i pay nothing
can i pay by +debit
does blue cross cover <service>
what's the fee if i don't show
is *june too early to make bookings for
do you send out reminders
must my doctor write something before i can come
can i bring my dog along
i'm thinking of a gift card for a colleague would that work
i might be ten minutes behind does that matter
can my mother come in with me for the <service>
what happens if i cancel on <day>
do you claim from *guardian life
can i bring my three year old along
do i need a letter to come
what if i reach twenty minutes late
do you claim from medical aid
if i tell the therapist a *secret who gets to know
can i do it on +zoom
what if i have to cancel at short notice
can i switch to another therapist
do you write court +reports
are there student rates
is <service> covered by my *employer's plan
how much notice do you want if i can't come
do i have to pay before
will you text me <day>
are *two-year-old vouchers still any good
how much ahead of time do you want me there
may my friend sit with me
can somebody under *sixteen come alone
do you take visa or only cash
can i claim from my company insurance
must i have a letter from my gp
what if the *jam on the bridge makes me late
what happens when i don't turn up
may i bring <places> along
can i pay the six sessions bit by bit
how far in advance do you let people book
will you use my photos anywhere
what if it's *pouring down
do i need my own helmet
can i pay in cash on the day
how late can i call off and not pay
is there a weight limit
how old does a child have to be
do you give gift vouchers
are we insured if <places> falls
could i bring my own <service>
will sun life pay for this
is it ok to pay by +debit
do i owe you something if i cancel <day>
what id do i need for the direct +billing
i might be ten minutes late do you still take me
my *voucher's from last spring is it still valid
do i need to print anything out
do you take *momo
half now and half at <day> is that allowed for paying
what if you *spoil my <service>
will you give me a receipt
is there warranty on the <service>
what if i bring it late because of traffic
do you need my +pin
if you can't <service> it do i still pay
can i leave it there for two months
do i need a +cap
can i wear a +burkini
what if my son gets an ear infection
can i watch my boy from the side
do i pay the whole <service> if i cancel <time>
do you give vouchers as a +present
is there a hair +dryer
is card all right when i pay
are there hours without men
does sun life pay for <service>
should i pay when i come or when i leave
my gift card is from two years ago does it still count
what's the latest i can cancel without paying
without a note from the family doctor am i still allowed to come
will somebody remind me <day>
is +hst already in what you charge
i'd have my baby with me would that be all right
do you take *m-something mobile money
what happens to my booking if it rains
do i have to be a <service> member
up to when may i call a <service> off
is there a deal for six <service>
can my friend share my <service> with me
is it all right to wear +jeans
can my <service> get an invoice
card is ok for the *fees?
will my +mediclaim cover it
any charge if i cancel the <time> before
can i ask you +doubts on the phone in between
is online <service> possible
do you have a monthly package
can i bring my <service> *in-law she does the cooking
do i need a prescription to come
can i pay for it in two goes
do you do receipts for my insurer
i lost my gift certificate can i still use it
how many hours ahead must i cancel
suppose i just don't show what then
do i have to sign anything before i come
do i pay something up front when i order
can i send a <service> back if it doesn't match
what's the story if i have to call it off
is a voucher any use for a +hen +present
can i put it on the card
how soon will the <service> be here if i order <day>
what cards do you accept for payment
is there a fee if i cancel on <day>
does my +hmo cover the <service>
how many days before i get the +official <service>
senior *citizen *ako how much less do i pay
do you give the <service> on *usb
my *officemate says you need +approval first is it true
how many minutes before my schedule should i be there
do you accept blue cross
will i be charged if i wake up sick that day
is it pay first or pay once it's done
can my sister use my gift voucher
how long do i have to use up a voucher
what do you do with my personal stuff
do i need a note from the gp
is there a rebate
what if i pull the *pin <day>
does *bupa cover any of it
how long till i hear back after the <service>
can i do transfer
is it compulsory to pay everything at once
will you collect my <service> from me
can my husband sign on my *behalf
can my uncle in *london +sponsor me
if i come late *nko
how many days will the <service> take
do i need appointment for <service>
i leave my wallet at home these days will my phone do to pay
i have two insurance plans can you bill both
if my bus is late will you still take me
do you send a text to remind people
how do i give someone a <service> as a *present
up to what time could i still cancel and pay nothing
may i pay half now and half <day>
can i pay after each time or do i have to pay all at once
will my *bupa cover it
is it alright if i sit in with her
what happens if he's ill on the <time>
does our gp have to *refer us
will there be an invoice for my company
do i pay a deposit
what if it *blows too hard on the day
if i don't pass do i pay the lot again
can i cancel <day>
*eftpos alright with you
does my old <service> from new *zealand count here
can i come straight from the airport with my *suitcase
do you charge me if i cancel on <day>
can i give you cash
does blue cross cover <service> with you
how do gift vouchers work
must it be my doctor who *sends me to you
will you hold it against me if i'm seven minutes late
can i claim this on my work insurance
thank you and one more thing do you take american express
will *vitality pay for this
has my doctor got to write you a letter first
suppose i don't turn up at all what then
can i send my +sixteen year old by himself
can you see me on the +nhs
do you accept visa
is there a deposit for <service>
if the <service> *lifts <day> or two do you *redo it
can i cancel on the <time>
how do i buy a gift card for my boss
can my children sit with me while i get my <service> done
if i need to cancel do i still have to pay
do you bill sun life directly
am i allowed to bring my dog in
how long is a gift certificate good for
do i need a note from my family doctor
do you take *delta +dental
can i pay a little each month
do i have to stay while my son gets his braces <service>
will you write him a note for school
is there a charge if we don't show up
can my *younger ones come along and wait
can i use my health +savings card
do you sell +wax
can i pay by mobile money
do i have to pay for a whole year
is there a place to bath after <service>
what if there is load +shedding
can i come and use the *treadmill alone
do you have something for +ladies only
if i buy ten do i get one free
am i supposed to come with my own towel
would mastercard work for you
can i give somebody a <service> as a *present
is my visit covered if i've got blue cross
suppose i get there ten minutes late
how far ahead do you want to know about a cancellation
do i have to have a referral
is it okay when i have my baby with me
can i just walk in for a <service> on a <day>
can i pay half on one card and half on another
do you have a *punch card or anything
can i tip on the card
how old do you have to be to <service>
will i lose my money if i cancel the <time> of
can i have a beer before i come
do my gift cards run out
is a letter from the doctor needed
is this on the +nhs
will *bupa pay for it
is it less for a pensioner
is my wife allowed to sit in with me
if i cancel on the day what do i pay
are *wee dogs allowed in
i've only a cheque book is that all right
could i settle up with +debit
sun life pays for me do you deal with them
is there a charge when i move my appointment <day>
do the gift vouchers run out
can my *thirteen-year-old do <service>
would a doctor's letter be of any use
what if the bus is slow and i'm not there on the *dot
is it ok if i pay with my phone
do you want money up front
i +shaved <day> is that long enough for a <service> <day>
can my mate be in the room with me
what *d'you charge if i can't come and only tell you the night before
is it all right to go +swimming after
are there deals if i buy six <service> sessions at once
my *girl's +sixteen is she allowed a <service>
would you accept a check
does my wife have to come too
can +grandma sit and watch
she was sick last week can she come to another <service> to make it up
are boots okay on your floor
is my four year old enough
what if we get stuck on 281 and come late
is it cheaper if we buy ten
would you film it so we can practice at home
do you bill blue cross directly
tell me about your cancellation policy
do i need to get a referral from my doctor first
do your gift vouchers expire
can i bring my *ten-year-old for <service>
will sun life cover my <service>
what should i wear for my <service>
what if i need to cancel last minute
can i bring my phone in
can my 15-year-old daughter come with me
is there a deposit for a group
do i get a receipt for my +benefits
should i tip my therapist
can men get a <service>
do the gift cards run out
do you take *argus insurance
are you *accepting new patients at the moment
how do i get a +repeat prescription
do i have to fast before my <service>
what do you charge if i miss my appointment
can my *fifteen-year-old come on her own
how do i get my <service> results
could somebody come to the house for my grandmother
can i get a sick note for <service>
are the results back <day>
do i pay before or after the treatment
i only have my phone on me is paying with that all right
i have green *shield do you bill them directly
how long before the appointment can i still cancel for free
are there family rates
do i have to fill in forms before i come
can i buy a gift certificate online
would i need to leave a deposit at all
what happens if i don't like it
can i pay half in cash and half by card
do i have to do the <service> again i had one last year
how much notice do you need if i can't come
can i use my voucher for a <service>
is there a discount card for regulars
i'm allergic to *ppd is there a <service> i can have
do i need to see my gp first
will my <service> cover it
is there a cheaper rate for pensioners
would it bother anybody if my wife *sat in with me
say i'm ten minutes late what happens then
can you see me if i've had a *spinal *fusion
could i bring my little one along to my appointment
what should i do <day> an <service>
i'm scared of the <service> noise is there another way
do you accept american express
how do i get my insurance to pay
what's your policy if i cancel on the day
can i use a gift voucher for <service>
is a parent needed for a *fifteen-year-old
do i have to give a tip
i sprained my wrist do i need an *x-ray first or can i come straight in
are there any fees besides the price
do you take +ridgeline
can i pay a little every month
i'm new in town do you have room for more patients
can my *sixteen-year-old come in by himself
do you accept personal +checks
can you get my *x-rays from *dr *boyd's office
my <service> just came off what do i do
how soon after a <service> can i eat
what sort of deposit do i have to put down
can i bring my <places>
i'd like to give a friend a voucher do you do those
what happens if one comes undone after a week
am i allowed to eat while you <service>
how early do i need to book for <day>
will blue *shield cover it
does a +debit card work at your desk
by when must i cancel so it costs me nothing
must my doctor write something before i come
may my wife sit in while i'm treated
a friend gave me one of your vouchers how do i use it
would it be a problem to come with my toddler
can i tap my phone to pay
do over-65s get the <service> for nothing
what happens if i'm *held up in traffic
do i lose money if i cancel <day>
have i to book or can i just call in
can i bring my sister in with me
will you let my doctor know the results
would my *fourteen-year-old have to be with a parent
can i collect my prescription <time>
do you deliver <service> to the house
do you do monthly memberships
what if i cancel an hour before <service>
is it okay to come in five minutes late
can my *fifteen-year-old take <service> with me
can i use my hsa card
does my <service> +pack run out
is it *weird if i'm the only guy
i bought a gift card for a friend does she need to book
do you work with +workers +compensation
what happens to my money if i'm ill on the day
can i move a visit without paying anything
is it alright to bring my dog along
does a health plan usually pay for <service> here
can i already book for may
is it a problem if i come ten minutes late <day>
how much do i have to take off for <service>
do i have to book the <service> or can i just come
should i have an empty stomach for a <service>
must i put any money down first
may i pay by bank transfer
is the work guaranteed
could my brother pick the <service> up for me
do you give me a price before you begin
can i sell you some old +gold
what if i'm *held up on the train
can you keep this from my girlfriend
i don't know her <service> size what do i do
would you post it to me when it's ready
do you have vouchers and how much are they
may i bring the children when i come
do you take +reef +mutual
can i pay in us dollars
is it alright with you if my mother's in the room
will you tell my husband that i came
may i bring my *two-year-old to the <service>
do i lose my money if i cancel late
can i come when i'm on my period
am i going to hear from you <day> so i remember
can i get my <service> over the phone
every how many years does one have a <service>
= ask-staff
does <staff> work <day>
who does the <service>
is there a lady who does <service>
who would i see for running *problems
does <staff> speak french
who's in <day>
is <staff> there <day>
which days does <staff> work
is it <staff> or <staff> who does <service>
do both of you do <service> <day>
who else works there besides <staff>
when is <staff> in <day>
which of you does <service>
when's <staff> working
is <staff> a <service> or a massage guy
do you have any male therapists
is <staff> qualified
what are <staff> days
have you got a female instructor
who teaches <service>
who speaks french
is <staff> patient with nervous people
who's best with <service>
who would i see for <service>
which days is <staff> in
how many years has <staff> been doing this
does <staff> also do <service>
who runs the place
have you got a male teacher
who fits the <service>
is <staff> in <day>
who there speaks spanish
what *qualifications does <staff> have
what days does the <service> come in
is <staff> the same person as <staff>
who is your best person for backs
are there any men on the team
who leads the <day> <service>
is <staff> a real +physiotherapist
is <staff> around <day>
are your +tutors proper teachers
what days does <staff> do
who looks after <service>
which of the women does <service>
which tutor is better for *olympiad <service>
does anyone there speak french
is <staff> good with knees
does the <service> get done by a physio
until when is <staff> there <day>
who's the manager
is there a female <service> therapist
tell me about your staff
who does <service>
is there a man who <service>
which of you does +farm +returns
who is the <service>
does <staff> do <service>
who does the <service>?
what days does <staff> work
do you have any female <service>?
is <staff> a <service> therapist
what time does <staff> start <day>
which of your <service> speaks french
does anyone speak <service>
which dentist does the <service>
which days of the week is <staff> in the practice
does any of you know *urdu
until what time is <staff> in <day>
is <staff> working <day>
who would be the person for running <service>
when does <staff> finish <day>
are any of your <service> therapists men
what does <staff> do
who takes the <service>
does somebody speak *japanese
what days is <staff> working
is there a woman for the <service>
my knee clicks who should i see
is <staff> or <staff> better for shoulders
is <staff> taking new patients
which of your *photographers is good with kids
is <staff> any good with *handbags
who at yours does <service>
<staff> days which are they
any of your people speak *arabic
who'd you say is best with shoulders
is there a male <service> therapist
who's your cat person
does <staff> do cats
is <staff> a proper vet or a nurse
who runs the <service>
is the lady mechanic in <day>
is <staff> back from leave
which of you knows +hybrids
what's the name of the tall <service>
who does <service> there
is there a <service> who speaks french
do you have any female <service>
what's <staff> *background
when is <staff> in
can <staff> do <service> too
do you only have <places> for <service>
who handles <service>
does anybody in the office speak spanish
which <service> does business stuff
when does <staff> work
who teaches the <service>
is one of your <service> people a man
on which <day> would i catch <staff>
is <staff> a +physiotherapist as well
does anybody there speak french
who would be best for a *runner's knee
who does the best <service>
does <staff> cut hair too or just <service>
who's the boss there
do you have a lady barber
when's <staff> on <day>
which of the *doctors does sports injuries
does <staff> speak spanish
is <staff> a doctor
what's <staff> first name
which of you are women
tell me a bit about <staff>
how long has <staff> been doing <service>
who is it that does complaints
which of the nurses has french
who'd be doing my <service>
when in the week would <staff> be there
is <staff> a nurse
who gives the talk
who's best at +lettering
who does <service> ups
what's <staff> *style
is there a woman who <service>
whose shop is it anyway
what days of the week would i find <staff>
*ma *mere only speaks french who could she talk to
does <staff> do <service> too
what is <staff> job
is there a male +physiotherapist
whose class is the <service>
what days do i catch <staff>
is the <staff> in <day>
does <staff> give the <service>
is <staff> good with *shy children
who sees children
does <staff> speak +afrikaans
on what days would <staff> be around
is <staff> a +psychologist or a +psychiatrist
do you have a male +counsellor
who leads <service>
do you know if <staff> is good with *autistic kids
who gives <service>
who among you does <service>
when is <staff> there
does anybody speak french with clients
<staff> is that a man or a woman
who does the <service> man or woman
which doctor is good with babies
for how many years has <staff> been doing <service>
what does <staff> do at the clinic
can anybody there speak *hokkien
who teaches the *wee ones
how good is <staff> with nervous riders
who would i have for <service>
are any of your +instructors women
who would you recommend for a bad shoulder
would there be a man who does <service>
what did <staff> *study
who's the boss at your clinic
which <service> do <time>
who <service> the computers
is <staff> good with old people
how long has <staff> been <service>
any woman among your *technicians
does <staff> speak italian
which teacher is patient with <service> people
<service> which of your *physios gives that
is <staff> the <service> teacher
do you have a male <service>
i've got *runner's knee whom would you send me to
the <service> who has them
which coach is best with nervous <service>
does <staff> <service> *professionally
do you have any women +coaches
does anyone speak +marathi
which days does <staff> sit
who there is best with runners
does anyone work <day> <time> who does <service>
is it <staff> or <staff> <day>
who's the tall <service> with the *accent
who does the *pinning
is there a man to <service> the *lads
what days does <staff> be in
does <staff> do <day>
who's good with +lace
who reads the <service>
is your <staff> a lady
who takes the <service> is it a man
which day can i find <staff>
is there someone who does kids
who'd you send your own mother to for a <service>
what's <staff> teach
does <staff> come in <day>
is it <staff> who does the <service> one or does <staff> too
does <staff> know about *dancers
is <staff> a *bloke
<staff> which days does she do
anyone there speak *samoan
is <staff> a proper nurse
which of you is the lawyer
is your <staff> good with babies
is it <staff> or <staff> who does the <service>
does <staff> work on <day>
which of your <service> is best with backs
do you have a female <service> therapist
who would i be seeing for <service>
is <staff> a proper therapist
on what days of the week does <staff> see people
who deals with children who <service>
has anyone there worked with <service>
is <staff> about on <day>
how long has <staff> been a +skipper
is there a woman who teaches <service>
whose turn is it to teach <day> <staff> or <staff>
who would you send a runner to
is there a man for the <service>
how many years has <staff> done this
who speaks french with you
is <staff> a proper <service>
on which days would i find <staff> in
can i ask for a female nurse
who is the best person for <service>
is <staff> good with <service>
do you have any men working there
who does the <service> at your place
which days would i find <staff> working
do you have any male <service>
is <staff> good with shoulders
are there any <time> when <staff> is there
who *puts the <service>
is there a lady doctor
who is the trainer for +ladies
is <staff> there <time>
has <staff> been <service> for many years
who gives the <service>
is <staff> the one who teaches <service>
does anybody speak french at your place
which days of the week does <staff> come in
which of the <service> has the most experience with runners
who does your <service>
is there a lady who does the <service>
has <staff> been at this for long
who would i see for my feet
is <staff> short for something
which one of you is it that does <service>
is there a man doing the <service>
which of you does the <service>
is there a man among the <service>
<staff> has she *taught for long
who'd be best for a *frozen shoulder
is it a woman who does the waxing
*who'll be doing my <service>
which days can i find <staff> in the shop
has <staff> done many <service>
i'm right nervous is <staff> patient
who teaches the little ones
which teacher would you pick for a *shy *fourteen year old
how long has <staff> been teaching
is <staff> a man or a lady
do you have a female +physiotherapist
who would you recommend for back pain
which of the <service> therapists is the *strongest
who is the best with <service> pressure
which of your therapists is registered
which +doctors do you have
is there a female doctor at the practice
who is the <staff> <day> <time>
who would be best for a *frozen shoulder
has <staff> been doing this for long
who's best with curly <service>
do you have a barber
is <staff> the one with the red <service>
does <staff> do <service> as well
who's your most gentle +chiropractor
do you have a female +chiropractor
which of you sees <service>
who runs the <service> <day>
is it a woman who'd be doing my <service>
how long has <staff> been a <service>
who's better for running <service> <staff> or <staff>
is <staff> a woman
which dentist is good with nervous people
does anyone in the office speak spanish
is <staff> a barber
do you have a *bloke who does <service>
who's the gentlest with sore *scalps
do any of your <service> *specialise in knees
is <staff> *strict
which <service> therapist is the *stronger one
is <staff> back from his holidays
is <staff> a nurse or a +pharmacist
is there a lady +pharmacist
which days would i get <staff>
is it a man doing the <service>
where did <staff> <service> to teach
who's good with bad knees
is <staff> a +physiotherapist too
who of you does <service>
which days does <staff> come in
is there anyone good with *dancers
has <staff> any experience with pregnant women
my son is *fifteen and plays *hockey which of you should see him
is <staff> the +goldsmith
which of you knows about +antique <service>
is <staff> a man
which doctor is best for +fibroids
is it a woman who takes the <service>
is there somebody who speaks *creole
= ask-mine
when's my next appointment
what time am i down <day>
did my booking go through
can you remind me who i'm seeing <day>
which appointment have i got with <staff>
how much will i owe for my visit <day>
am i still booked in for the <service>
when was i meant to come in again
do i have an appointment <day>
what time's *rusty booked in <day>
have we got a booking for <day>
remind me how much i'm paying <day>
where do i stand have i got anything booked
who is my appointment with <day>
what did i book last time i called
is my <day> visit still on
can you check when i'm seeing <staff>
when's my next <service>
have i got a <service> booked <day>
when is our <service>
are we still <day>
what's my booking
did you get my cancellation
who's my instructor <day>
is my <service> appointment confirmed
remind me what time i'm in <day>
i lost the card when do i have to be there
am i down for anything <day>
which therapist have i got next time
how much do i owe for my last visit
when is my son's next <service>
what day is our <service>
am i *enrolled for the <service> <day>
when is my <service>
what address do you have on file for me
have i got an appointment or did i *dream it
what was the time of my <service> again
who am i seeing <day>
is my booking for <day> confirmed
how long is the appointment i've made
could you *repeat my appointments to me
what time is my daughter's <service>
did you receive our booking <day>
is my <service> in <day>
what time did i book the <service> for
what did we agree on <time>
did you get the message about my brakes
do i still have the slot <day>
who is my <service> <day>
my appointment is it <time> or <time>
can you look up when i'm coming
did my move to <day> go through
how many visits have i got left on the calendar
i can't remember which day my <service> is
what time is my <service> appointment
am i booked with <staff> or somebody else
do i have something *scheduled with <staff>
which day did i <service> up for the class
was that <time> <day> my <service>
sorry when was my appointment *again?
what time did i book <day>
have i still got something booked with <staff>
can you check if my booking went through
i forgot when i'm supposed to come in
my <service> <day> what time was that
am i booked in with <staff> or with <staff>
could you see whether i've an appointment coming up
remind me when i'm seeing the <service>
what time should i come <day> for my <service>
is my appointment with <staff> confirmed
i lost the *slip when was my <service>
could you tell me when my next appointment is
has my booking for <day> reached you
am i booked for <time> <day>
what have i got booked with <staff>
i think i have a <service> <day> but i'm not sure when
when is our session *again?
is my <service> <time>
do i have anything booked with <staff>
when am i due for my <service>
is my appointment with <staff> <day> or <day>
have i still got a <service> <day>
my appointment with *simone at the desk no sorry i mean my <service> when is it
my *fitting's <time> <day> isn't it
could you tell me when i'm coming in next
did i book with <staff> or with <staff>
is it still <time> that i'm seeing <staff>
have you got me down for a <service> <day>
what did i have last time i came
i need to know if <day> s visit is still on
what time's *rusty's <service> <day>
are we still down <day> <time>
i've lost the card when's our next <service>
was it <staff> or <staff> we're seeing
when is my <service> booked in
is mine the <time> <day>
what did i say i'd have done <day>
did my booking for <service> go in
have i missed my appointment
<name> here what time am i expected
is it you who did my <service> <day>
hi when was it that i have my next appointment
can you check what time i'm booked <day>
what did i book exactly
what time was it i'm having my <service>
remind me when my <service> are
am i in with <staff> or <staff> <day>
i forgot what i'm booked in for
when do i see <staff>
i had something on the calendar <day> what time was that
which office is my meeting in
is my appointment <length> or <length>
morning just checking you got my booking for <day>
what time am i coming <day>
can you look up when i'm next in
which therapist do i have this time
how long have i got with <staff>
just making sure you've still got me <day>
when's my <service> again
have i got anything booked <day>
who's doing my <service>
what was it that i've got <day>
remind me when my <service> check is
is there a visit of mine <day>
what did you put me down for
i think i'm meant to see <staff> <day> but i don't remember what for
when am i supposed to come in again
who will be treating me <day>
can you confirm the time of my <service>
do i still have a booking with you <day>
i lost the card with my appointment on it when was it
remind me when my next <service> one is
did i book for two or <places>
is my appointment with <staff> or with <staff>
am i down <day> or <day>
i had something with you in the diary for <day> is that right
what time's my thing <day>
did you get my booking from last night
which +artist am i with
could you look up my appointment i forgot what day it is
how long is my session <day>
i forgot when i have to come again
what time am i in <day>
<day> is it <staff> i see
i tried to book online has that arrived
i think i'm down for <day> am i
could you remind me which day my <service> is
when do i come in next
what hour did you give me for the <service> <day>
just checking that <day> is still standing for me
am i with <staff> <day>
when am i seeing <staff> again
what date is my next session
am i booked in for the *fourth
when was it i'm booked in
who is treating me <day>
i changed my visit online did that go through
what did i book for <day> was it <length>
can you check if i have something <day>
i lost my appointment card what time was it
when was my next session again
which doctor did you put me with <day>
am i still <day>
no confirmation came so am i booked or not
when's our <service> ride
what day did i book my <service> for
is it <staff> who teaches me <day>
my wife booked for us can you tell me when we're expected
did my booking <day> work
what's my next appointment
i can't remember if it was <time>
*who've i got <day>
is my <service> <length> or <length>
have i got anything <day>
what time did you give me <day>
is my <service> ready
who is going to do my <service> <day>
i think i'm booked twice can you check
what time's our <service> <day>
is <staff> still teaching me <day>
how many <service> have i got left on my card
when am i <service> next
i booked online for <day> did you get it
what time am i booked <day>
can you tell me who my <service> is with
i'm not sure my booking went through the other day
when do i see <staff> again
how much will my appointment <day> cost me
i forgot which day my <service> is
am i with <staff> or with <staff> <day>
how long is my <service> <day>
have i anything booked <day>
at what time should i come <day> i forgot
just checking that my appointment with <staff> is confirmed
which date did i get for the <service>
did i book the <length> or the hour with <staff>
when am i next due with you
did i book with <staff> or with <staff> i forget
it's <name> what time do i have to be there <day>
was it <staff> i'm booked with
have you me down for anything <day>
what did i book was it the hour or the <length>
what is my schedule again
am i with <staff> or <staff> <day>
what date is my <service>
remind me when do i come in next
did i book <length> or <length>
what's on my file for *march appointments i mean
i've *forgotten which <day> i'm in
what night am i in
who am i seeing <day> <staff> or <staff>
when did i book that <service> for
what time did you people give me <day>
please check if i am booked <day>
what is the date of my <service>
i am <name> which day is my <service>
was my booking for <time> <day>
what day did i book for
i think i have something with <staff> <day> but i'm not sure when
i cancelled on your website yesterday did you get that
at what time is my <service> <day>
when are we next in with <staff>
can you tell me whether <day> is still on
i've *forgotten if it's <time> <day>
have we got one booked for half term week
what time do i have to be there <day> it's <name>
you've still got me written in for <day> haven't you
which <service> did i sign up to
have you got my booking for the <service>
did i book <time> <day>
<name> here what was it i had <day>
could you see if my booking went through
with whom am i <day>
what is it that i've got booked with <staff>
is it <day> or <day> that i <service>
what time should *sian be there <day>
have you got anything down for us <day>
what time them <service> of mine is <day>
*carol *ann best am i full <service> or half leg <day>
you have me down with <staff> or <staff>
remind me when i'm coming to you next
what time is my appointment <day> again
<name> here am i down for <day>
i can't remember who my <service> is with
have i got anything on the *books for *march
when is *brooke's appointment
what did we have *scheduled for <day>
was it <time> <day>
how many visits do i have coming up
please remind me what day my session is
i think i have something with <staff> <day> what time
is my booking <day> still there
do i have anything coming up <day>
remind me was it nine or half past <day>
<name> what have i booked
whose hands am i in <day>
<day> what time did i say
<name> do i have two things booked or one
is my <service> sixty or <length>
did my appointment go through
when was i to come in again
<name> is it the third or <day> i'm with <staff>
have you me down <day> <time>
who's my appointment with the *morn
you should have me in your book <day> right
what time did i say for <day>
i've lost the card when am i supposed to be in
is it <staff> or <staff> i'm with <day>
remind me when my next <service> is
have i got two things on <day> or one
<name> what time do you have me in <day>
did my <service> get booked all right
who do we have <day>
what day's my *boy's <service>
when do i need to be there <day>
when's my next appointment with you
remind me what time i'm coming in <day>
did my booking for <day> go through
what time is my <service> <day> again
can you tell me when i'm booked in for
i forgot who my <service> <day> is with
am i still booked in <day>
how many times have i been this year
when is my appointment with <staff>
can you check for me what time my <service> is
did i book for <day> or <day>
have you got me down <day> <time>
what did i book was it <length>
have you got my name down for anything <day>
which therapist do i have <day>
can you check whether you have me down for <day>
when am i next due in
remind me what it was that i booked <day>
have i got <staff> or <staff> <day>
is my appointment <time> or <time>
what time's my <service> <day>
did you get my online booking for <day>
how many appointments have i got left
which of your lot am i with <day>
i can't find my confirmation what day am i coming
could you check whether i have an appointment <day>
i've *forgotten which day my <service> was
do you still have me down for <day>
when is my <service> appointment
am i down for a <service> <day>
what time is my son's appointment <day>
did i book with <staff> or <staff>
i'm in <day> but i can't *recall the time
can you remind me who i'm with <day>
have i got anything booked
how long is my appointment <day> going to be
when was my appointment again was it <day>
what have i got booked with you
how long is my <service> appointment going to take
am i seeing <staff> or <staff> <day>
am i booked in for <day> or <day>
was it <staff> or <staff> i was put down with
i've lost the card with my appointment on it when is it
i can't remember if i cancelled or not
<day> my <service> was it <time>
am i in <day> s <service>
who did i sign up with <day>
can you check what i've got coming up
what have i got down <day>
could you remind me who i'm seeing <day>
is it <day> or next that i'm coming
i think i have a <service> coming up when is that
when am i *bringing my <service> in is it <day>
have i an appointment with <staff> <day>
what was it i booked for <day>
which desk lady am i seeing about the <service>
my <service> which hour was that again
which of them has me <day>
i can't find my appointment card when do i come in
is my <service> still <day>
what's my due date again you wrote it down
= cancel
i need to cancel my appointment
please scrap my <day> <service>
won't be able to make it <day> sorry
can't come in <day> after all take me off the list please
have to call off my <service> with <staff>
please cancel everything i have <day>
drop my <time> <service> <day>
i no longer need the appointment <day>
i have to cancel <day> s <service>
please call off my <service>
i can't make <day> any more
need to cancel *biscuit's <service> <day>
we can't make <day> the dog's *crook
cancel both our bookings
take me off the <day> <service>
i've got a cold have to drop out of <day> s <service>
kill my <time> <day>
please delete my booking for <day> with <staff>
no longer want the <service>
forget about my appointment i feel fine now
can't do my <service> <day> any more please cancel
i want to call off the <service>
scrap all my <service> please
the <service> came early please cancel <day> s session
we don't need the <service> any more
can't make <day> cancel please
i'd like to cancel the <service> <places>
i'm ill can't <service> <day> cancel it
call off the <service> please
i won't be coming <day> after all
strike out my <service> <day>
something came up please free up my slot with <staff> <day>
we have the flu cancel both visits
i don't want that <service> spot anymore
give my <time> to somebody else i can't make it
please cancel <day> s <service>
we're away so no <service> <day> please
i *quit <service> remove my lesson <day>
please take me off the schedule for <day>
can't get a ride cancel please
count me out <day> s <service>
need to call it off the thing <day> <time>
i've got to bail <day>
pull my name from the <day> <service>
can't keep my <time> <day>
please annul the <service> of <day>
i'm all better so scrap the <service>
nix the <service> <day>
my kid is sick and we won't make the <time> <day>
cannot make it <day> please cancel the <service>
stop the <service> <day>
the <service> got *robbed cancel the service
won't make <day> <time> sorry
we're snowed in no chance we'll make it <day>
i'd like out of my booking <day>
please cancel everything for <day>
won't be there <day> sorry
take me off the list <day> s <service>
please kill my <time> with <staff> <day>
i no longer need the <service>
we have to call off the <service> <day>
something came up i have to give up my spot <day>
forget about my <day> appointment
undo the booking i made for <day>
delete my appointment please
hi its about my appointment <day> i need to cancel it
my mother can't make her <service> <day>
i not coming again <day>
please cancel the <service> <day>
i found another +accountant cancel me please
drop my <service> thing <day>
i'm running a fever so i'd better not come <day>
please cancel my appointment <day>
so sorry <day> isn't going to work i need to cancel
need to cancel my <time> <day>
i won't be able to come to the <service> <day>
could you take me out of the schedule <day> please
cancel the <service> with <staff>
i'm sick so i have to cancel my <service> <day>
i'd like to cancel both of my appointments
i don't need the <service> anymore
drop my <day> appointment please
i'm afraid i have to cancel <day> s <service>
we can't make the <service> <day> after all
scrap my appointment <day>
<service> has gone so i don't need <day> s appointment
could you cancel my <service> please <name>
not able to come <day> please cancel
kindly cancel my <service> <day>
we are travelling so my mother's <service> has to be cancelled
remove my booking <time> <day>
i want to get rid of my appointment <day>
i need to cancel my appointment for <day>
please cancel my <service> <day>
i won't be able to make my <time> <day>
hi can you take me off <day> s <service> i have a cold
cancel everything i have booked <day>
i have to call off my <service> <day>
my back is better so i don't need <day> s visit
the <service> with <staff> could i cancel that
we have to cancel <day> s <service>
the dog is sick so please cancel the <service>
i can't make it to the <service> <day>
please remove my booking <day>
i can't make <day> s <service>
we won't be needing the <service> <day>
please cancel the <service> i've bought a new coat
is it too late to cancel for <day>
<name> <phone> cancel my <service> <day>
sorry i have to give <day> a miss
please scrap the <service> i booked <day>
my *shoulder's right again so there's no need <day>
cancel my <service> with <staff> <name> <phone>
<time> <day> isn't happening for us
my name can come off <day>
the <service> ran off so we won't be in <day>
cancel *nikos *pappas <service> <day> 02 <phone>
*sadly *molly passed away please take out her appointment
the <service> has been sold no need for the service
<name> <phone> drop my <day>
i found another garage so leave out <day>
call off the <service>
i have <day> with <staff> and <day> with <staff> drop the second
i'd like to cancel my appointment <day>
please cancel my <service>
we won't be coming to the <service> <day>
i'm sick so i won't make my <time>
take me out of the <day> <service> please
i don't need the appointment with <staff> any more
sorry but i'll have to cancel my <service>
i've broken my toe so no <service> for me <day>
call off my <service>
the *wedding's off cancel the <service> up please
can't come <day> after all please take me off the list
i no longer need the <service> <day>
we *settled so please cancel the <service>
cancel <day> please <name> <phone>
unfortunately i'm not going to be able to make it <day>
scratch my <time>
i won't be able to come in <day> after all
scrap my appointment with <staff>
please take me off the list for <day> s <service>
my *knee's all better so i don't need the visit <day> any more
kindly cancel whatever i have booked
i'd like to withdraw from <service>
bin my <service> <day>
i can't get there <day> so give my spot to someone else
not going to make it <day> sorry
forget the <service> my wife did it
please cancel my husband's <service> check
take me off <day> <time>
the <service> is fine now no need <day>
the <service> isn't for me please take me out
delete my appointment <day> please
good afternoon *regretfully i must cancel my session with <staff>
i won't make it to <service> <day>
the <service> <day> isn't needed any longer
call off both of my appointments
i've come down with the flu so please give my <time> <day> to somebody else
the <service> off so i won't be needing the jabs
scratch me from <day> s talk
i got the <service> at work in the end so cancel mine
can't come <time> <day> don't hold it for me
please take my name out of the book for <day>
i *chickened out cancel my <service>
take me off the schedule for <day>
we're not going to be able to make <service> all <places>
drop my <day> i'm broke
hey i got sick and can't do <day>
forget the <service> <day> it looks fine now
hi i have to cancel <day>
please take me off <day> s <service>
after all you won't be seeing me <day>
call off my <service> with <staff> i've got the flu
i don't need the <service> any more
drop the <day> one keep the other
<name> here cancel <day> <time> please
we have to cancel our son's <service> he broke his arm
scrap my booking for the <service> thing
cancel the <service> visit <day> baby is +feeding fine now
i have to call off the <service> we are travelling
please remove my name from <day> s <service>
<name> we're not coming <day>
we lost the <service> please cancel everything
cancel <day> we've sorted it out between us
i don't want to go on with the <service> cancel what i have
sorry can't come <day> please cancel
i had something with <staff> please take it out
<name> cancel our session <day>
i won't be needing <day> after all
please remove me from <day> <time>
my <service> <day> has to be called off
we're moving away so cancel both of my appointments
<name> could you delete my booking <day>
my foot is better i no longer want the <service>
the <service> <day> no thank you take me off
i can't come <day> and i don't want another day
sorry need to cancel my <service> <day>
i've had a baby and can't come for the <service> cancel that
<name> i don't need the <service> any more
take <day> out the <service> is gone
forget about my <service> <day> i'm going to the hospital
cancel everything for <name>
my <service> won't be necessary
my daughter broke her wrist cancel <day> s <service>
we won't be coming for the <service>
<name> please scratch my <service>
i'm giving up <service> cancel whatever i've got
i can't <service> <day> cancel please but leave <day>
can i get out of <day> s <service>
no longer need the <service> <day>
hi <name> i'm not going to make <day> sorry
please take both my bookings out
the <service> <day> <time> i won't come
i found someone closer to home so you can cancel my <service>
drop the <service> keep the massage
we have a funeral <day> i can't be there
cancel my thing <day>
my <service> is working again so no need <day>
<name> i sold the <service> please cancel
cancel the <service> but not the lesson
i will not be able to come <day> forget it
kindly cancel my appointment with <staff>
you can strike my name off for <day>
*they've stolen the <service> so you can cancel the repair
no <service> for us <day> the *boy's got a fever
<name> cancel my <service>
i broke my arm so the <service> are off
please cancel <day> s <service> keep the other one
don't keep <day> <time> for me
the <service> i don't want it any more
can you undo the booking i made for <day>
i have to cancel <day> s visit my kid is sick
please take me off the list <day> s <service>
<name> i won't need the <service> after all
all my *march visits can go please cancel the lot
can't make it <day> sorry just drop it
my back is fine again so you can give my <day> slot to someone else
i hurt my wrist so i must cancel <day>
please cancel the <service> i bought +clubs already
<name> here i'm not coming <day>
scrap the <service> but keep the video
my boss needs me <day> call it off please
the <service> <day> i don't want it any more
kindly cancel my slot <day>
<name> we are out of station cancel the <service>
i am not *continuing with the <service> remove my appointment
only cancel the <service> my daughter's visit *stays
<day> s not possible for us please cancel it
i shan't be able to attend <day> please release my appointment
hi its <name> please scrap <day> got covid
we're moving away so cancel everything i have left
no need for the <service> any more thanks
not going to make it <day> don't need another time
<name> please take out the <service> but leave the massage as it is
my flight home is *delayed <day> won't happen book me out please
forget <day> s <service> the ankle is as good as new
we've broken up so there's no need <day> any more
<name> cancel the <service> please she won't do it
i bought a <service> in *dublin in the end so you can give my slot away
can't get the day off <day> i'll ring again when i know more so just cancel
my *hubby to be found a <service> <day> is not needed
take my name off <day> s <time>
the <service> is off cancel the lot
cancel *na *lang my <service>
our company did not *approve so please cancel the <service>
already gave <service> last night so no more scan <day> thank you
<name> remove me from <day> please
the doctor said <service> is not needed anymore cancel it
both my appointments are to be cancelled
*typhoon is coming so i will not be able to go <day> cancel please
so sorry kids are sick have to bail <day>
kindly remove my name from <day> i have *recovered
not coming <day> don't rebook
would you cancel the <service> <day> i'm keeping the +taping
i've decided to see a *chiropractor so please take me off the *books
my wife needs the car <day> cancel that one would you
we had to put the dog down i can't face it <day> please take it off
have to cancel the <service> one my back's gone
scrap the <service> she's running sweet now
won't need that <service> any more sold the *truck cheers
please cancel <name> <day> but not <day>
i'm *crook won't be in <day>
the wife's booked me in and i'm not going *flick it
take <name> *chau off <day> she's *overseas
please cancel the <service> already gave me visa praise god
i have *snapped the <service> elsewhere cancel <day>
don't bother about the <service> again
i will not be able to come <day> cancel it for now
i no longer need the <service> my *cousin did it
cancel <places> i am <service> <day>
*network is bad for <service> call it off
i don't need the <service> <day> any longer
don't wait for me <day> i have to call it off
i'm feeling better so the <service> <day> can go
cancel everything i have <day> i'm moving away
*lily won't make it <day> this is her husband please cancel it
sorry to do this at short notice but i can't come <day>
i changed my mind about the <service> cancel that please
no use keeping my spot in <day> s <service> i've hurt my foot
she's got *chickenpox so we won't be there <day>
we've decided to stop the sessions please cancel the next one
<name> i will not be able to attend <day> kindly cancel
the hospital has seen him now so we don't need the <service>
scrap <day> please i'll ring when i'm back
*tom won't be coming back after <day> take out anything he has left
pull me out of the <service> <day> please
i sold the boat so i won't be needing the <service>
<name> cancel <day> i've got covid
we can't get to *hobart the bridge is shut so forget <day>
drop <day> and leave the other one as it is
forget about my <service> i broke my arm
i won't need the <service> after all
take my name off <day> s <service>
<name> my doctor told me to wait so please drop the <service>
we're *leaving the *country cancel both of my appointments
i have a fever and had better stay home <day>
forget about <day> please
the rash has gone so there's no need for the <service> <day>
<name> i'd like to cancel <day>
sorry we can't afford it please cancel the <service>
i've moved to *swansea and found someone there so cancel what i've got left
she's full of cold we'd better not come <day>
take me off the <service> i did one at work
my <service> can wait don't keep <day> for me
i can't make it <day> cancel me *nuh
<name> the <service> <day> is not needed any more
please remove us from the <service> the children are sick
i found somebody *nearer so cancel <day>
scratch the <service> i *shaved
i have to cancel my <service> i'm down with the flu
please take <name> off the list <day>
we won't be coming to <service> <day>
my back feels fine now so i don't think i need the appointment
<name> would you kindly cancel what i have <day>
can you scrap my booking i'll call when i'm back from *toronto
never mind about the <service> <day> my kid's sick
i've got to cancel my daughter's in the school play that day
<name> the <service> stopped +poking so you can cancel <day>
we're *switching to another +orthodontist please cancel everything we have
the <service> <day> i have to cancel that
don't hold <day> for me any more
turns out we can't make the <service>
my <service> has a cold we had better skip <day>
i am not feeling well i will not come for <service> <day>
kindly cancel my session of <day>
my doctor has said no <service> for a month so remove me from everything
cancel the <service> i found someone *nearer to home
<name> the baby came early so no more <service>
i booked <service> by mistake please take it out
the <service> <day> has to be called off i'm afraid
<name> i won't need <day> after all
take my name off the list <day> s <service>
i've moved to *halifax so please drop all my appointments
scratch my <service> <day>
i've come down with the flu i won't be in <day>
i'm not going to make it <day> sorry cancel the <service>
<name> please take me off <day>
please get rid of my <day> <service>
i *caught a cold so no <service> for me <day>
the baby came early so i won't be needing the <service> <day>
can i cancel both of my appointments
cancel my <service> i've done my ankle
<name> i'll no be needing the <service> <day>
i'm away to my daughter's <day> so i can't be there for my feet
i'm feeling right as rain so i'll leave <day> s appointment
please take a *pen and strike out <day> for me
we've had to change our plans take out <day> for the *wee one
sorry something's come up i have to let <day> go
<name> please take me out of the book for the <service>
i booked the wrong clinic by mistake undo my <service> <day>
no <service> for me <day> i've thrown my back out completely
i'd like to withdraw both of my bookings
don't expect me <day>
this is <name> please forget <day>
bin off my <service> <day> please
i've *burnt my <service> so there's no way i'm having it +waxed <day>
i'm pregnant so i suppose the <service> off
cancel everything you've got me in for i'm moving to *leeds
don't need the <service> any more the *wedding's been called off
i'll not be in <day> after all sorry *chick
we broke up so no need for the wedding <service>
<name> scratch <day> my *truck's in the shop
please drop my <service> from <day> s class
take the <service> off i found a pair online
i hurt my knee i have to back out of <day>
count us out <day>
i have to cancel my appointment <day>
please cancel my <service> <day> something came up
<name> i won't be able to come <day> sorry
i have to cancel everything i've got with you <day>
i don't need my <service> <day> any more
can you take me off the list for the <service>
i've come down with the flu so i'll have to skip <day>
unfortunately i have to cancel i'm sick <name> <phone>
i can't come <day> after all could you take my <service> out
<name> cancel <day> please
we're not going to make it <day>
i want to cancel both of my appointments <day>
forget about my <service> i broke my toe
please remove my name from the <service> <day>
i've decided i don't want the <service> any more
i'd like to cancel my appointment <day> <time>
please cancel my <service> i had it done at the hospital
<name> <phone> i can't come <day>
i'm feeling better so i don't need to <service> any more
my <service> <day> is off they gave the job to someone else
can you cancel the <service> but keep the blood test
<name> calling i need to cancel my <service>
my mother passed away please cancel her appointment
<name> i have to cancel <day> my daughter is ill
my back is fine again so you can give my appointment <day> to somebody else
i double booked myself please drop the <service>
we won't be coming to the <service> <day> after all
can i cancel everything i have booked <day>
i'm not able to come in <day>
the snow is too bad to drive i'd better leave it <day>
please cancel my <service> appointment <day>
<name> i'd like to cancel both my bookings <day>
i've decided to grow my <service> out so i don't need <day>
my husband can't make his <service> <day>
i won't be needing the <service> any more the *wedding's off
scrap the <service> <day> please
cancel my <service> <day> please
<name> can't do <day> sorry
i've had the baby so i don't need the <service>
please take my son off the <service> <day>
i've tested *positive for covid so i'd better not come <day>
i want to cancel the lot
i won't make it <time> <day> cancel that one
<name> cancel <day> for me please i've hurt myself worse
i can't come in <day> i'm sorry
<name> please take out my <service> <day> but leave the +acupuncture
i'd like to cancel my back is fine now
we're moving away so i won't need the rest of my appointments
my wife booked me a <service> <day> and i don't want it can you cancel
please cancel my <service> on <day>
i lost my insurance so i have to cancel the <service>
<name> here i won't make it <day>
scratch <day> my kid has a fever
cancel all of our appointments please
my <service> stopped hurting so i don't need to come <day>
my <service> <day> will have to be cancelled
sorry can't make it <day>
<name> cancel everything i have <day> please
i've *shaved it all off so i won't be needing the <service> *haha
take me off the *books for <day>
i changed my mind about the <service> please cancel it
i'm working late <day> so please cancel my <service>
cancel my <service> please
i won't be able to make it <day> <time>
this is <name> please cancel what i have <day> but not the one <day>
i *caught a cold so forget about my appointment <day>
we've decided against the <service> <day>
can you drop me from <day> s <service>
i'd like to cancel my <service> appointment <day>
<name> i've started <service> again so don't bother with <day>
the *trip's off so we don't need the <service>
i got the <service> done at the hospital so cancel the one with you
<day> is no use to us now we'll leave it
please scrap everything under my name
i threw my back out so no <service> for me <day>
<name> i need to drop the <service> but keep yoga
won't be there <day> sorry you
the <service> sick i have to call off <day>
i don't want to do the <service> thing anymore
i'd like to cancel everything but the <service>
<day> s going to have to go cancel it would you
<name> drop the <service> but keep me down for <day>
something's wrong with the car i can't get to you <day> cancel it please
my insurance ran out so i have to call off the <service>
count us out of <service> <day>
i no longer need the visit <day>
hold my place <day> but take me off <day> s <service>
he *proposed with another <service> so we won't need the consultation <day>
i found somebody *nearer please cancel the <service>
<name> here take my <service> off the book would you
cancel the <service> but not the ring
i shan't manage <day> <time> sorry
my +fingers have *shrunk again so forget the <service>
please keep the <service> but cancel <day>
cancel my <service> <day>
i lost the baby so please take me out of the <service>
<name> i can't get a sitter <day> cancel me please
i'm feeling better so i don't need the <service> any more
we're *evacuating for the *storm cancel <day>
call off my appointment with <staff> please
don't expect me <day> my mother is ill
= move
can we push my <day> visit back to <day>
i'd like to reschedule
is it possible to shift my <time>
something came up i need to change my appointment from <day> to <day> <time>
could we do my <service> a week later
this is <name> i'm booked <day> <time> and need to move it to <day> <time>
can you bring my appointment forward
swap my <service> from <staff> to <staff>
can i come <time> instead of <time> <day>
i'm stuck at work can we make it <day>
postpone my <service> to <day>
move my <service> to <day> <time>
could you change me from <day> to <day>
can my <service> <day> be with <staff> instead of <staff>
need to put back my <service> by a week
shift our <day> <service> to <day> <time>
can we make it <time> rather than <time> <day>
could you put us back to <day>
could i switch my <day> <service> to the <day>
i'm running behind <day> could we <time> instead of <time>
need a different day for my <service>
please move <day> <service> to <day> <time>
would it be possible to come earlier <day>
i'd rather see <staff> than <staff> for my <service>
put my <service> off till <day>
move my <service> from <day> to <day> <time>
can we do <time> instead of <time> <day>
push back my <service> a couple of days
could we shift the <service> to <day> <time>
different +photographer please <staff> rather than <staff> for my <service>
hi *annelise *kruger again <phone> i have to move my <service> to <day> <time>
change my booking to <places>
make my appointment half an hour later
swap my <service> for an +automatic one
could the <service> be with <staff> not <staff>
can we come <day> instead of <day>
bring my <day> appointment forward to <day>
any chance to change <time> <day>
my shift changed i need my <service> on another day
<day> doesn't work for me any more what about <day>
could <staff> do it instead of <staff> <day>
delay my <service> by a week
can i come <time> rather than <time> <day>
swap my <day> <service> <day> <time>
can the <service> start +fifteen minutes later <day>
from <length> to <length> please my <service> <day>
i'd rather have <staff> than <staff> for the <service>
push my <service> from <day> to <day>
could i come <time> instead of <time> <day>
i need to reschedule my <service> appointment to any <time> <day>
can i do <day> instead
make it two hours later please my appointment <day>
put my <day> <service> on hold till <day>
can my <day> be <day>
would it be a problem to come <time> instead
i booked the wrong day should be <day> not <day>
rebook my <day> <service> for <day>
have my <service> with <staff> earlier in the day please
please put my <day> <service> <day>
i can't do <time> any more can we find another time <day>
*cna i *resceduel my <service> to <day>
shift my <service> class from <day> to <day> <time>
can we postpone <day> s <service> to <day> <time>
could we make it <day> <time> instead of <day>
upgrade my <service> to a full one
bump my <time>
any other day than <day> for my <service> please
bring forward my <service> to <time> <day>
change the <service> to the <day> <time>
push my <day> <service> back a week
could we do <day> s session <day> instead <time>
my <time> <day> has to be later in the day
swap my appointment with <staff> from <day> to <day>
i can't get away from work <time> is <time> possible on <day>
reschedule <service> to <day> <time>
please change the <staff> for my <day> <service> to <staff>
have to postpone the <service> until <day>
is it possible to come half an hour sooner <day>
my meeting clashes with <service> <day> find me something else <day>
could you *resked my <service> to <day>
the <time> is too late for me <day> could it be <time>
change my <service> from <day> to <day>
make my <day> <service> start earlier
move my return from <day> to <day> <time>
my w-2 *hasn't come can we push the appointment to <day>
can you slide my <time> <day> over to <time>
would <staff> take over my appointment with <staff> <day>
my <day> appointment could that be moved to <day>?
my <service> needs to be *rescheduled
could we push <day> s appointment to <day>
is it possible to come <time> instead of <time> <day>?
change my appointment with <staff> from <day> to <day>
i have to postpone my session <day>
can my appointment be earlier in the day
please switch me from <staff> to <staff> <day> s <service>
reschedule me to <day> <time> please
something's come up at work can we do <day> <time> in place of <day>
my <service> could that shift to <day>
my <service> <day> can that be <day> <time>?
i'd like to bring my appointment forward to <day>
can we put it back by half an hour
move the <service> <day> to <day> <time>
rearrange my visit with <staff> please
i'd like to cancel my <service> and rebook it for <day>
prepone my appointment to <day> please
can i come <day> instead of <day>
change my <service> <time>
shift my appointment with <staff> to any day <day>
i'd like my <day> <service> <time> instead
could my <service> <day> be made <length>
my <service> <day> could we move it to <day>
my appointment is too early i'd like a later time
can my <service> <day> be <time> instead
my <service> please reschedule it to <day> <time>
is it possible to switch my appointment from <staff> to <staff>
my meeting runs long <day> could i come <time> rather than <time>
i can't come <day> anymore is <day> <time> possible
push my <day> session to <day>
swap <day> <day> please
need to postpone my visit with <staff> by a week
could my <service> be moved to <day>
reschedule the <service> to <day> <time>
i need an earlier time <day> for my <service>
would it be possible to have <staff> instead of <staff>
could i bring my <service> forward to <day>
can i come <time> <day> instead of <time>
my <service> would have to move to <day>
change my <service> appointment from <day> to <day>
please extend my <service> <day> to <length>
could i come in a bit earlier <day>
<name> here please move my <service> to <day>
i'm on shift <day> so my <service> has to be <day>
shift my <day> session to <day> <time>
could <service> be half an hour later
my <service> up's <day> can it be <day> instead
instead of *nell i'd rather see <staff> <day>
can't do nine would <time> be alright
bring my visit forward if anything comes free
i must rearrange the appointment <day>
would you swap my <time> for a <time>
our booking <day> <time> can it go to four
make the <service> an hour earlier please
i need to push the <service> into <day>
could we see <staff> rather than <staff> <day>
<day> s no good for the cat after all <day>?
let my service slide from <day> to <day>
i'm *upcountry <day> <day> would do
9 is too early <day> <time> is better
same day but with <staff> in place of <staff>
put the <service> off till <day>
please put my <service> back to what it was
<name> could my <day> be <day>
i can't make it <day> can we do <day> instead
hi i'm going to need to reschedule the <service> i booked
can you move my appointment <time>
would you be able to change my <service> to some time <day>
push my <service> back an hour
something came up at work could we make it later on <day>
i have <staff> on <day> but i'd prefer <staff>
could you get me in any earlier than <day>
can my <service> be moved to <day>
i'm stuck at work <day> so could we do my <service> <day>
would you mind if i came <time> rather than <time>
my <service> appointment <day> <time> can it be earlier in the day
please put my <service> off until <day>
oh no i picked the wrong day when i booked it should be <day>
my hearing got moved so i need to shift <day> s appointment
can we do the <service> <day> instead of <day>
i'd like to push our <service> to <day>
could i come <time> instead <day>
switch me from <staff> to <staff> please
any way i could get in sooner than <day>
can i swap the <service> <day> for the one <day>
i want to cancel <day> and book <day> instead
something's come up at work and i can't make <day> could we find another day
can you put my <day> <service> back by an hour
i need to bring my appointment forward i'm *leaving town <day>
would it be all right to come <day> instead of <day>
i'd sooner have <staff> than <staff> for my <service>
is there any way to push <day> s visit to later in the day
reschedule my <service> for <day> please
can i make it <day> <time> instead of <day> <time>
my <service> has to go to <time> can you shift it
have to change my <day> <service> boss has me on later maybe <day>
can we do the <service> <time> rather than <time>
swap me from <staff> to <staff>
any chance of an earlier slot than the one i've got
running behind could you push me back half an hour
i'm *scheduled <day> <time> and my car died can i come <day>
move me to a later time <day> please
my <service> visit <day> needs to be *pushed out a week
can <staff> see me earlier than <day>
i'd like to switch my <time> to the <time>
i'm afraid <day> <time> doesn't suit me any longer may i come <day>?
need to switch my <day> to <day> <time> if poss
can we do my <service> half an hour later
please change my <service> from <day> to <day> <time>
work has me stuck could my appointment <day> be put off until <day>
i want to see <staff> instead of <staff> <day>
is it possible to come an hour earlier <day>
would it be a bother to change my <day> to the <day>
our flight was brought forward so the <service> <day> has to be sooner
i'd need to push my <service> out a week
can i swap from <staff> to <staff> for the <service>
sorry could you make it <time> in place of <time> <day>
the children have a match is there a later slot on the <day> i'm in
have to bump my <day> to <day>
i'd like to move the session with <staff> up a week
can you slide me to <time> instead of <time>
hey my shift changed so i need a different day for my <service>
can we push back <day> s <service> to the <time>
i'd rather have <staff> do it than <staff>
my appointment's <day> but i'd like <staff> to do it a day before
my <day> appointment could that become <day>
i can't make it <time> <day> is <time> any good
please reschedule my <service> for <day>
need to push <day> back an hour
something came up <day> can i come another day
i'd rather have <staff> than <staff> for my <service> <day>
can i come earlier than planned <day>
postpone my <service> <day> to <day> <time>
this is <name> i have to shift my appointment with <staff> to the <time>
my shift at work changed so <day> <time> is no good any more <day> would be
is it possible to swap <day> <day>
move my <service> <day> to <day>
we can't reach <day> <time> could we get the <time>
my <service> is <day> but i have work <day> is better
could the <service> be later that day
change the <service> to <day> please
can you bring my appointment <day> forward to <day>
could we move <day> s session to the <day>
i have a <service> <time> <day> can i see <staff> <time> instead
our <service> would have to go to <day>
<day> no longer works for my <service> what about the one after
reschedule *liam's session for <day>
can i have my <service> appointment an hour later
i would prefer to see <staff> instead of <staff> <day>
could we make it <day> instead of <day> for my <service>
i have <service> <day> <time> i'd need it a bit later
my meeting got moved so i have to move you too <day> <time> won't work
put off my <service> until <day>
can *leonie *marsh come <day> rather than <day>
i'd like to have my <service> appointment with <staff> instead of <staff>
the <service> <day> <time> could it be <time>
bring my <day> one forward if anything opens up
we need another day for *howard's <service>
i'm double booked <day> please find me something else <day>
can i come two hours later <day> than we said
could my <service> <day> be <time> instead of <time>
i can't do <day> <time> any more <time> is okay
please change <day> s <service> to <day>
my <service> <day> must be a week later
i'm *sunburnt can we do the <service> <day> rather than <day>
reschedule me from <staff> to <staff> same day
<name> here the <service> may i come half an hour earlier
is it possible to shift <day> at <time>
my flight lands late <day> another <time> <day> would be better
the <service> can wait make it <day>
my <day> <service> <time> could i have it <time> instead
we'd like the <service> <day> rather than <day>
<name> i'm stuck at work <day> <time> could it be <time>
could *priti's <service> be <length> instead of the long
i have to change my <service> <day> would suit
my <service> <day> can <staff> take it instead of <staff>
is there any way to have <day> s <service> earlier in the day
shift my <service> to <day> <time>
<day> is going to be too wet for the <service> let's do <day>
can you move us to <time> <day>
<day> s <time> <service> doesn't work could i come <time>
i booked <service> <day> but the *race was moved so make it <day>
is it a problem to come <day> rather than <day>
something came up at work and i need to push my <service> back a few days
could *pavel have his session an hour earlier
my <service> <day> but <day> is better for me can you switch it
my bus only gets in <time> can <day> s <service> be at half past
i can't do the <time> any longer what about <day> <time>
let's do it <day> instead i'm full of cold
would you be able to see me sooner than <day>
cancel <day> and book me <day> <time> with <staff> instead
<day> s <time> is too early for me do you have <time>
i was to bring the <service> <day> can i bring it <day>
please shift my <service> from <day> to any day <day>
<name> <service> <time> instead of <time> please
i want <staff> to do my <service> and not <staff> <time>
the <service> <day> a bit later if you can
my <service> must go to <day>
the road is *flooded so i'd rather come <day>
can we do the <service> two days later
<day> <time> isn't good any more could i come <time>
my daughter has a school play <day> <time> so we need another time for her <service>
put my <service> <day> instead of <day>
<name> here may i have <staff> instead of <staff> <day>
can the <service> be <day>
can we go from 45 to <length> <day> s <service>
i'd like my <service> half an hour later
<day> clashes with a wedding any other <day> is fine
she has a cold can we leave it till <day>
i have an appointment <day> <time> and need to change it to <day>
could we push my massage back an hour
<name> here <day> <time> doesn't work any more could i come <time>?
something came up at work can i see <staff> another day
i'd like to switch from <staff> to <staff> for my <service>
reschedule my <service> please any <time> <day>
is it possible to come earlier <day> say <time>
my flight was moved so <day> is out what about <day>
bring my <service> forward to <day> if you can
could you move my <service> <day> to <time>
i'm stuck *upcountry until <day> so <day> s <service> has to wait a week
<name> <day> s <service> can i bring them <day> instead
let's do the <service> a day later
<name> <service> <day> could we start <time> rather than <time>
i would rather have <staff> for the <service>
is there any later time <day> for me <time>
make my <service> <length> instead of sixty
please postpone my <service> from <day> to <day>
<name> can <staff> take me <time> instead of <time> <day>
my son has an exam <day> can we prepone to <day>
shift my <service> to <time>
i have a wedding to attend <day> so the <service> should be <day>
can i come half an hour later <day>
i'd like a different time for my <service> i got a meeting
+reports will come only <day> so <day> s <service> makes no sense <day> please
would you mind *terribly if i came <day> and not <day>?
my kid's school play is <day> so i need to shift my <service>
<name> <day> is my wife's birthday could i come <day> *instead?
is there any way to make my <service> <time>
i'd rather have <staff> than <staff> <day> can you swap that
let's do my <service> <day> <time> rather than <day>
could you put my <service> off till <day>
i got the time wrong i thought it was <time> <day> can we make it <time>?
sorry to be a *nuisance but <day> <time> has become difficult is the <time> free
change of plan <staff> <day> not <day>
<day> s no good now my *mam has to work could we come <day>
<name> here could my <service> be <time> instead of <time> <day>
<name> i'm *rostered <day> any other <time> for the <service>?
my <service> let's leave it till <day>
i need an earlier date for the <service> she's *growing like mad
can you swap <staff> for <staff> <day>
bring me forward to <time> <day> instead of <time>
would <day> <service> you for my +viewing rather than this one
the train's cancelled so i'd be an hour late <day> can it start <time>
i'd sooner come <day> than on the <day> for the <service>
<name> i want my <service> with <staff> instead
*maricel *dizon can i reschedule <day> to <day> <time>
my <service> <day> is <time> possible instead of <time>
i'm on night shift that week please transfer my <service> to <day>
can my <service> be a week later
<name> the car broke down i cannot reach *cebu <day> next available please
change <staff> to <staff> <day> if possible
*luz here <service> earlier than <day> if may
i want to come <time> <day> <time> is too early for the bus
<name> <day> is my son's *graduation kindly transfer to <day>
can *luz come for the <service> <time> instead
hi *luc here could we make my <service> <length> *only?
<name> my ride fell through for <day> what about <day>
any chance i could come in a touch earlier <day> <time>?
i'm afraid <day> <time> clashes with a funeral might i come <time> instead
shift my <service> from <day> to <day> please any time
can *dana's <service> be <day> rather than <day>
i need a *diff time for my <service> <day> earlier please
let's put my <service> back by a week
<name> my bus pass ran out could <day> <time> become <day> <time>?
i wrote down <day> but i think i meant the <day> can you change it
could i swap places with somebody later <day>
*g'day it's <name> can't do the <service> <day> is <day> any good
<name> here my run to *cairns got moved up could the <service> be <day>
can i come in an hour earlier for my <service> <day>
reckon i could swap <day> s <service> <day> <time>
i'd prefer <staff> for my <service> if that's no *drama
<day> <time> s too early for me anything later that day
push <staff> to <day> i've got *jury duty
<name> <day> s *cactus can <staff> do <day>
me *flight's in <time> so <day> <time> won't work <time>?
*dorothy here could both of mine be on the one day
bring the <service> forward if a bed comes up
can <day> be <day>
<name> please shift my <day> own to <day> <time>
there is *fuel *scarcity i can't make <day> please give me <day>
can i come by 3 instead of <time> <day> for the <service>
*kunle *bakare here sir something came up <day> any day <day> after that
i prefer <staff> to <staff> <day> is it possible
bring the <service> forward to <day> please
my flight is now earlier so i must do the <service> before <day>
<name> <day> is public *lecture in my <service> can the +mock be <day> <time>
please i want to change <staff> appointment from <day> to <day>
<name> let the <service> be <day> i have exam <day>
i will be late <day> can it start <time>
i have to push my <service> back a week
the <day> <service> doesn't work any more could it be <day>
can you bring my appointment forward to <day>
i'd rather come <time> than <time> <day>
<name> here the <service> <day> i want it with <staff> instead
my flight got changed so <day> is impossible what about <day>
something has come up at work is a later time <day> possible
switch my <service> from <day> to <day> please
can i trade my hour <day> for one on <day>
could we make it half an hour later <day> he has a *club
i need to rearrange the <service> i've lost it completely and can't *travel
<name> could i come to <staff> <day> rather than <day>
swap <day> s <service> for one <day> please
the <service> trip is on <day> so we need a different day for <staff>
can the <service> <day> be an hour earlier
<day> s no good for *phil's <service> thing any chance of <day>
we're *held up at the dentist's could <day> be <day> instead
my <service> clashes with an exam can i do it on the <day> instead
<name> the <service> <day> could it start <time>
can i postpone the <service> thing by a week
they *forecast forty +knots <day> shift me to <day> would you
i'd like to have my <service> with <staff> rather than <staff>
the <service> is too early for me is there one <time>
any way to come a day sooner for the <service>
<name> the <service> <day> any later that day
my boss won't give me the <day> off so i'll have to pick another day for the <service>
<day> doesn't suit me now have you got <day>
i start a new job <day> so my <service> has to be <time>
could i come an hour before the time we agreed
please put my <day> <service> <day> <time>
<name> i have *joaquim <day> i would rather have <staff>
can we find another day my sitter has let me down
the <service> <day> make it a week later
is it okay if i change <day> s <service> to <length>
i've been called into work <day> can my <service> be <day> instead
<name> i'm with <staff> <day> would <time> work
he had to take an *antihistamine yesterday so the <service> needs to wait a week
the <service> one <day> is too late in the day for us
any chance of *shifting my <service> to <day>
i've double booked myself <day> what about <day> <time>
my flight *leaves earlier so my <service> must be <day> not <day>
<name> i have the <service> <day> could we start <time>
push my <service> to <day> please
i'd prefer <staff> for my <service> is that possible
i'm stuck at the office <time> <day> can it be later
let's do <day> <time> rather than <time>
switch my <service> and come a day sooner is that alright
i can't do <day> any more would <day> be possible
something's come up at work i have to push my massage back a day
can i bring my appointment forward to <day>
<name> i'm with <staff> <day> any chance of the <time> instead
i'd like <staff> rather than <staff> for my <service> <day>
please change my <service> from <day> to <day>
my flight got *delayed i won't make it <time> is there something later <day>
can we do my <service> on a different day i don't mind which
make it <time> <time> <day>
i won't be able to come <day> what does <day> look like
we have a *track meet <day> can we switch his <service> <day>
<name> i'd rather have my check <day> than <day>
<day> is no good could we get the <service> a week later
can you see us <time> instead of <time> <day>
please reschedule my <service> appointment for some other <time>
i need to move <day> s <service> up it really hurts
could <staff> do it rather than <staff> <day>
<name> can my visit <day> be <time> instead
i am travelling to *ndola <day> let us do my <service> <day> <time>
<name> can my <service> be <day> and not <day>
the <service> <time> is too early for me can we <time>
i have a meeting <time> <day> so please shift my <service>
can i come with my sister instead so make it <service>
my car has broken down could you push me to the <time>
<name> here i want the <service> session one week earlier
<name> my <service> of <day> let it be <day>
i've a *conflict <day> <time> can my <service> go to <day>
could we push my physio back an hour <day>
<name> can i bring my <service> forward to <day>
is it possible to have my <service> <day> instead of <day>
i'd rather see <staff> than <staff> <day>
i have a meeting <time> <day> could i come <time> instead
please find me a new time <day> s session
can't do <day> any more <day> would be good
<name> can we do my <service> <time> rather than <time> <day>
something came up <day> i need to put my <service> off till <day>
could i do my <service> <day> and not <day>
i'd like to come earlier <day> if anything opens up
switch me from <day> at <time>
my doctor's appointment is <time> as my <service> <day> can i come <day>
would it be a *hassle to reschedule my <service>
<name> speaking might i come <time> <day> instead of <time>
i'm on a late shift <day> now so could <staff> do me <day>
the *trains are off <day> can we make it <day>
i'd need my <service> to be a bit later in the day
could the <service> be seen <day> rather than <day>
move my feet to <day>
can you bring me forward at all it's getting worse
i can't get off work <day> please shift my <service> to <day> <time>
would it be a bother to make my <service> later <day>
<name> <day> doesn't suit after all have you <day>
change <day> s <service> so that it's with <staff>
i'd need my <service> a day sooner
can the one <time> be <time>
bump my massage by a week please
*lorne here my ride fell through for <day> what about <day>
my *shift's changed can <day> s <service> session go to the <day>
<name> i'm in <time> <day> any chance of <time>
swap my <service> for the <day> instead of the <day>
i want to see <staff> rather than <staff> <day>
could my <service> be done an hour earlier <day>
push me back a week i've been on a *sunbed
the kids are off <day> so i'll need another day for my <service>
put me appointment <day> to <time> will you
can't make <time> <day> <time> would work
i need <day> s <service> on another day <day> is best
cancel my <service> <day> and book me <day> <time> instead same thing
i have to work late <day> can i switch my <service> to <day> <time>
<name> <service> can't get off <time> <day> how about <time>
my girl has a fever could her <service> be <day> instead of <day>
could we do our <service> with <staff> instead
bring my <service> forward to <day> if there's a spot
i'd rather come <time> <day> than <time>
*scoot my <service> to <time>
what else is there besides <day> we can't make it then
find *brooke *tolliver another time <day> please
trade my <day> for <day>
i need to move my <service> from <day> to <day>
can we push my appointment back an hour
could i change my appointment <day> to <day> <time>
please reschedule my <service> to any <time> <day>
<name> here i've got to work <day> can i come <day> instead
is it possible to have my <day> <service> with <staff> instead of <staff>
i'd like to come earlier <day> if there's a spot
need to change my booking
sorry to be a *nuisance but could i move my appointment from <day> to sometime <day>
i'd like to swap my <service> <day> for one <day>
i need to move my <service> <day> to <day>
could my <service> be <time> instead of <time>
<name> here can i switch my <service> to <staff>
i'm double booked <day> is there something <day>
my meeting got moved so i can't do <time> <day> any more how about <time>
please change my <service> from <length> to <length>
i'd like a different day for my <service> please
my flight is *delayed can we move <day> s appointment to <day>
can <staff> take me <day> instead of <day>
i need to change my appointment with <staff> <day>
could i come in <day> <time> instead of <time>
<name> can my <service> be <day> rather than <day>
i'm on the ferry late <day> can you make my <service> later in the day
can you please move my <service> to <day>
can i bring my <service> forward to <day>
i'd like to see <staff> instead of <staff> <day>
something's come up <day> is there another day
i can't get away from <service> <time> <day> do you have anything later that day
move the <service> to <day> <time> please
i need to change my <service> <day> to <day> <time>
<day> would suit me more than <day> if you can do it
<name> here my bus gets in late <day> could my appointment be half an hour later
i'd rather see <staff> than <staff> for my <service> <day>
something's come up <day> any chance of <day> <time>
would you put my <service> off for a week
the time of my visit isn't going to work it needs to be another one
can you shift me from <day> to any day <day>
my appointment's <day> <time> but <time> do you have anything earlier that day
can i move my <service> from <day> to <day> <time>
<name> could i come <time> <day> instead of <time>
i need to put my <service> back a week
my <service> appointment clashes with the dentist can i have it on the <day>
can somebody else do my <service> <day> i don't mind who
i want a different day for my <service>
could i come in earlier <day> <time>
i'm stuck at work <day> have you got anything <day> instead
can i change my <service> <day> to a bit later
i'm away <day> can my appointment be <day> instead
<name> can we make <day> s <service> <time>
i'd prefer <staff> to <staff> for my <service>
my meeting got moved to <day> so i need to bring my visit forward to <day>
could i swap to <day> <time>
please make my <service> <day> an hour later
my <service> in the way of my shift <day> do you have a <time> <day>
i need to come in sooner than <day> it's getting worse
please swap my appointment <day> from <staff> to <staff>
i've got the wrong week mine should be <day> not <day>
<day> <time> doesn't work any more is <time> okay
i need to reschedule <day> s <service> could it be on <day> <time>
<name> speaking could you move my <service> <day> to the <time>
would it be possible to come in an hour earlier <day>
i have to change my appointment <day> any other day <day> is fine
something's come up <day> <time> is <day> *free?
can i swap my <time> for something later <day>
i'd prefer to see <staff> instead of <staff> for my <service>
could we do the <service> a week later
can i make <day> s <service> <length> instead of 90
can my <service> <day> be earlier in the day
<name> i'd like to change my <service> from <day> to <day> <time>
i've got *jury duty <day> could you find me another day
i'd like my <service> done by <staff> and not by <staff>
i'm supposed to come <time> <day> but my daughter has a test can we make it <time>
we need to push the <service> back by two weeks
i'm calling to reschedule something
i'm running behind can i come <time> instead of <time> <day>
would my <service> fit in <day> rather
<name> my <service> <day> can we start <time> instead of <time>
i can't do <day> any more would <day> <time> work for the <service>
could i come a bit earlier <day>
my shift changed i need a different time <day> s <service>
i booked <service> with <staff> but i'd rather have <staff>
can we bring the <service> forward to <day> <time>
put my appointment back a fortnight please
<name> here may i come <day> instead of <day>
i want to move my <day> <service> to <day> <time>
<name> can my appointment <day> be <time> rather than <time>
i've been called in to work <day> could i see <staff> <day> instead
is it alright if i come half an hour later <day>
could you find me another time for my <service>
i'd rather have <staff> than <staff> <day>
<day> <time> is a bad time for me now what about <day>
let's make the <service> <length> not 90
my <service> <day> could that be <day> <time> instead
<name> <day> s <service> doesn't suit any more have you <day>
could i change the <service> <day> to a <time>
i have a <service> <day> <time> but the bus doesn't get in <time> can it be later
could the visit <day> be brought forward at all
i need to push my jabs back a week
could <staff> do my <service> in place of <staff>
i'm in <day> <time> is <time> <day> possible
cancel <day> and put me in <day> instead
<name> i need to move <day> s <service> to <day> early as possible
can i push my <service> <day> to later in the day
<name> here i need <day> s <service> <time> instead of <time>
i'm stuck in *atlanta till <day> so my <service> has to be another day
could we do my <service> <day> instead
i'd like to switch from <staff> to <staff> for my <service> <day>
can you get me in a day earlier than <day>
my meeting got moved so <time> <day> won't work is <time> open
take me out of <day> and put me in <day> s <service>
it's <name> can <staff> do my <service> rather than <staff>
i'd like to shift my <service> <day> to <day> <time>
<name> speaking my <time> <day> has to be earlier
can we <time> instead of <time> <day>
i can't do <day> <time> any more do you have <day>
please make my <service> <day> a quarter of an hour later
could <staff> take over my <service> from <staff>
our plans changed is there another day for the <service> <day>
put my <service> off until <day> please
i'd like to change from <length> to <length> <day>
i'd like <staff> <day> but half an hour earlier
<name> my <service> <day> could it be <time> <time>
i've got to move the <service> from <day> to <day>
could we bring the <service> forward to <day>
<day> is no good now could you do the <service> <day>
we'd prefer <staff> to do our <service> rather than <staff>
i'm down <time> <day> with <staff> is there something <time>
would a day later than <day> be possible
please put my appointment <day> back by an hour
<name> the <service> <day> can you make it <time>
i need to make it an hour later <day> my train's <time>
i need to move my <service> <day> to <day> <time> if you can
<name> can the visit <day> be <time>
my boss won't let me off <day> <time> what about <day>
could i have my <service> session half an hour earlier
i'd like to go to <staff> for my <service> and not <staff>
my period came so the <service> has to be another day
is it possible to have the <service> <day> rather than <day>
push me to <day> please
<name> here i need to push <day> s <service> to <day> <day>
my husband has the car <day> so can <staff> see me <day>
= person
can i speak to a human please
put me through to someone
i want to talk to the manager
could my husband take my slot <day> instead of cancelling
is there a nurse i could ring about results
i don't want to talk to a robot
get me a real person now
i want to talk to <staff>
human please
just let me talk to somebody
is somebody there i can talk to
let me speak with reception
stop i need a human being
i need to talk to <staff>
i'd like to speak to someone at the studio
hand me over to a colleague
i demand to talk to a person
please put me through to a colleague of yours
i don't want to talk to a machine
operator
get me the manager
can i talk to <staff>
is there a human there
real person please
can i speak with <staff>
just connect me to somebody who works there
get me a human
is there anyone real i could speak to
could i have a word with <staff>
i'd prefer to discuss this with one of the staff
can i speak to <staff>
is there a staff i can talk to
can i talk to <staff> there
put me on to somebody
i only want to talk to a person
put me through to the office
i want a real person on the line
is <staff> available for a quick chat
this isn't working get someone from the desk
may i speak with whoever is in charge
let me talk to <staff>
put on a human please
is there a live person there
i'd rather talk to <staff>
enough of this machine a person please
can i talk to a real person
put me through to the front desk please
i'd rather speak to someone
can i speak to reception
i would prefer talking to a human
connect me to a staff member
let me talk to the manager please
may i please have a real person on this
can you connect me to the front desk
get me a human being please
please put a person on the line
might there be a person for me to speak to
is there a human i can speak with
get me the desk please
i'd need a quick word with <staff> *herself
put me through to a vet please
give me somebody who knows <service> not a computer
<staff> *herself please can i speak to her
put me through to the manager please
i need to speak to <staff> *herself about this
is there anybody i can actually talk to
i'd rather speak with somebody in the office
is <staff> around i need to talk to her
can i speak with someone at the desk
put me on to a human being please
sorry but i'd rather not deal with a computer
is there a real person i can *yarn to
let me talk to someone in the shop
operator please
i need a live person
can i talk to whoever is at the front desk
let me talk to a real person
is anyone at the front desk i can speak with
is there a nurse there i could have a word with
put a human on to me
this is getting me nowhere i want somebody at the desk
can i talk to an actual human being
pass me to someone who works there
i'm done with the bot get me staff
enough of the machine a person please
<staff> if she's about
is there a human i could talk to
i'd rather talk to the front desk
i prefer to talk with somebody at the desk
give me <staff> please
are you a robot i want a real person
a quick word with <staff> would be good
i'd like a real human being please
connect me with the office
i'm not going to talk to a robot
put me through to the front desk
can i speak with <staff> directly
is anyone real there
i want to talk to staff not to a machine
connect me with <staff>
let me speak to a human being please
a real person if there is one
can i have a *wee word with <staff>
could you hand me over to somebody on the yard
is there someone i can actually talk to
i'd sooner speak with a person if that's okay
get me <staff> please
i want to talk to somebody in the shop
no machine please give me <staff>
can a person call in here
can i ring a human somewhere
<staff> i'd like to talk to her
i don't like *typing to *bots put me through
can i talk to someone at the desk
i'd prefer speaking with a human being
i need to be put through to <staff> now
i'd like a word with whoever manages the place
i want a real person please
is there somebody i can talk to about a big group
connect me to reception
*sunil sir *se *baat *karni *hai i mean i want to talk to <staff>
can't i speak to a person only
put a human on please
i need to talk to somebody about an invoice
is there an actual person there i could talk to
can i talk to a staff member
i want to speak with the manager
i'd rather deal with a human no *offence
i can't do this by chat get me <staff>
can i have a *yarn with a real person
put us through to <staff> would you
let me <service> with your *oga
i need to talk to a human being please not machine
can i talk to a human being please
i want to speak with whoever is in charge
is <staff> there i'd like a word with her
i'd rather discuss it with a person if that's alright
put me through to <staff> will you
i'd sooner speak to a real *bloke
can i have <staff> please
i'm not happy talking to a program get me a person
is there a human i could have a word with
put <staff> on
i'd like a word with <staff> if she's about
this is going nowhere let me talk to someone
let me talk a minute to <staff> *nuh
i want a real person on this line
can i talk to a real person please
i want to speak to <staff>
could i talk with <staff> for a minute
is there someone i can actually speak with
connect me to <staff> please
i would rather talk to a human being
could i have a word with <staff> please
get me off this computer and on to a person
can you get me <staff> on the line
could i get a human on here
might i speak to <staff>
put me through to somebody real please
i'd sooner talk to somebody on your desk
is <staff> there can you put her on
give us a real person will you
i'd sooner have a word with <staff> *herself
can i talk to the lady in the office
put <staff> on the phone would you
can i speak to a real person please
can i talk to someone
i'd rather speak with <staff> *herself
may i speak to somebody at the desk
i don't want to talk to a computer sorry
could i talk to someone in person
i don't want to talk to a machine get me somebody
is there an actual human at your end that i can speak to
put <staff> on please
get me a real person
please put somebody real on
i want to talk to a human being
could i have a quick word with <staff> on the phone
is <staff> there i'd like to speak with her
can i talk to <staff> please
i'd sooner speak to an actual person
i'd like to speak with someone at the desk
could you put me through to <staff>
are you a *machine? then give me a human
can i speak to the +pharmacist
is there a person there i can talk to
is <staff> about i want a word with her
can i talk to a real live person
let me speak to <staff> please
i want to talk to someone who works there
is there a human i can chat to
i'd like the desk not a computer
is <staff> free for a word
isn't there anybody real at the other end
i give up on this give me one of your people
i need to talk to a nurse a real one
can i have <staff> on the line
= message
can you pass on a message to <staff>
i'd like to make a complaint about my last visit
let <staff> know i've been doing the exercises
please ask <staff> to call me back on <phone>
tell the team the new exercises worked a treat
i left my scarf there yesterday can someone check
the <service> <day> left me bruised and nobody *seems to care
can someone ring me back
let <staff> know the drops worked
i'd like to complain about the scratched <service> i was given
get <staff> to call me on <phone>
tell <staff> the <service> looks ace
i wasn't happy with how the <service> came out
ask <staff> to ring me about my results <phone>
i found a mistake on my bill please tell <staff>
the front desk was really rude to me <day>
please thank <staff> for me
did anybody hand in a blue umbrella
could someone give me a bell on <phone>
tell <staff> i passed
<staff> was twenty minutes late and i'm not happy
please let <staff> know the <service> arrived broken
give <staff> a message running five minutes late
ask <staff> to email me the invoice
can <staff> phone me please
have <staff> call me on <phone> when she has a minute
please pass on to <staff> that my plan has changed
i want to make a complaint about last week's visit
i think i left my scarf in the changing room
let <staff> know i'm doing much better
could <staff> ring me back on <phone>
tell <staff> my *string *snapped so i'll bring the other <service>
i'm not pleased with how <staff> spoke to my boy
please have <staff> call me about the bill <phone>
tell <staff> the left one still whistles
i was overcharged i want this looked into
tell <staff> thanks for the flowers
can you tell <staff> i've found my *brace
please ask someone to phone me at <phone> about my claim
i'm very unhappy with how i was treated
somebody took my coat by mistake
let <staff> know the heating in <service> 2 is broken
please ask <staff> to call <phone>
tell <staff> he forgot his book
i wish to complain about the noise next door
ask <staff> to ring me <phone>
the brakes still *squeal after you fixed them
please note for <staff> that my knee is swollen again
let <staff> know i found the battery key
pass on to <staff> that the exercises work
have <staff> ring me back please <phone>
i left my water *bottle in the studio
your therapist was rude to me and i want that known
could you let the desk know i was charged twice
tell <staff> the light in the yard is out
my <service> came loose after two days and i'm vexed
ask <staff> to mail me a copy of my 2024 return
tell <staff> the bank *statements are in the +box
could <staff> give me a ring about my scan
can i leave a message for <staff>
i have a complaint about my last visit
please tell <staff> that my knee is much better
could somebody call me back at <phone>
i'd like to pass something on to the manager
please have <staff> phone me about my bill
i want to complain about the waiting time
would you let <staff> know i've started new tablets
please ask <staff> to call me my bill is wrong
leave word for <staff> that my <service> has come loose again
i want to give feedback about the service
there's something i'd like <staff> to know can i leave a note
please have <staff> call me about my invoice
i was not happy with my treatment and want to complain
can you let <staff> know that the exercises are working
please tell <staff> the <service> is *gorgeous
could <staff> phone me at <phone>
my +prints arrived bent i'd like to complain
can <staff> give me a ring about my coat
the <service> came down after a week and i'm cross
would you tell <staff> i've lost weight
i never got my +gallery *link
tell <staff> the *radiator in room two is cold
i'd like somebody to phone me about my invoice
could <staff> call me back <time> <phone>
the <service> <day> left me *black and blue i'm not pleased
please pass on to <staff> that *rex *loved his <service>
could <staff> ring about my account
your receptionist was rude to me <day>
i think i left the *lead in the waiting room
<staff> should know that the *horn still doesn't work
<staff> can reach me on <phone> please ring
you scratched my *bumper last week
i want to leave word for the owner
my appointment was <time> and nobody opened the door
can someone explain my last bill
i keep *forgetting my exercises can <staff> write them down for me
please ask <staff> to call me about my bill <phone>
i want to complain about how i was treated <day>
tell <staff> i'm doing much better now
i think i left my jacket in your waiting room
could somebody ring me back
let <staff> know the heating in the *loft is broken
two of my <service> have come off already and i'm really disappointed
could <staff> give me a ring about a <service> party
my *earrings must be in the garden room can you have a look
please tell <staff> the <service> *finally paid
nobody has answered my letter <day> and i'm upset about it
have <staff> call me at <phone>
i have a question for <staff> could you pass it on
could you ask <staff> to phone me <time>? it's about an invoice
let <staff> know the exercises are helping
i've left my water *bottle in the studio could someone put it aside
can somebody ring me back <day>
please pass on to <staff> that i'll bring her book
tell <staff> the <service> is off
can <staff> give me a bell when he's got a sec
i reckon i left my *cap there can you hang on to it
have <staff> call me about my bill
please let <staff> know the antibiotics are done
could the nurse phone me it's not urgent
would you tell <staff> the <service> are great
may i leave word for <staff> that the pain has gone down
tell <staff> the heating in the studio isn't working
would you have somebody phone me <day> <time> about my bill
i think i left an earring in the <service> room please have a look for it
i have a complaint about the way i was *spoken to <day>
would you ask <staff> to give me a *shout about our <service>
tell <staff> thanks the arm is grand now
i left my <service> book on the *counter will you mind it for me
can the manager ring me i was charged twice
my results never came could somebody look into it and phone me
tell <staff> the <service> healed up *beautifully
have <staff> hit me back about a *guest spot
my new <service> fell out and i can't find it can somebody call me
i forgot my *hoodie at your place <day> can you set it aside
somebody needs to hear about how i got treated last week
is <staff> in <day> i'd like him to ring me
please tell <staff> i'll drop off the form <day>
i'm really unhappy with how i was treated <day>
<staff> should know that i'm stuck on the bridge
i'd like somebody to call me back about my invoice
my last <service> left me bruised and i want to complain
tell <staff> that my feet are very swollen and to call me
i waited <length> yesterday and nobody said sorry
leave a note for <staff> that the form is signed
could <staff> ring me when she has a minute
<staff> must please give me a ring
tell <staff> the invoice has the wrong name
i *felt *judged in my last session and i want that to be known
someone must get back to me about my claim
tell <staff> i'm *bringing the *scans
could the manager please ring me
i wasn't happy with the <service> last week
leave <staff> a note that i *liked it very much
my receipt from <day> never arrived
ask <staff> to call me about my +biopsy
i got a burn from the <service> and i'm very upset
please inform <staff> that my insurance form is coming
can someone call me back <time>
the cream you sold me had *expired i'd like to complain
please tell <staff> our *hay *delivery is late
could <staff> phone me about +livery
the <service> my girl *rode <day> was lame and i want somebody to know
i left my *gloves in the +tack room can anyone keep them for me
i have a complaint about how my son was *spoken to
can you let <staff> know my knee is much better
please have <staff> call me about my bill
i left my water *bottle in the studio yesterday
nobody answered my email i'm rather annoyed
pass on to <staff> that my scan is back
tell <staff> i found the other <service>
<staff> should call me *concerning the invoice
the <service> you put in last week is already *dead this is not fair
can somebody ring me when the part has come
i think i forgot my <service> on the desk
let <staff> know *mia has eczema
my locker ate my +euro
ask <staff> to phone me about the <service> please
a teacher *shouted at <places> want to complain
we forgot a blue towel <day>
could you let <staff> know that the exercises help
i was charged twice and want somebody to look into it
please have <staff> phone me about my claim <phone>
i was kept waiting for <length> last week and i'm not happy
i left my scarf in the changing room
tell <staff> my driver has arrived
<staff> should send me the invoice again please
somebody took my umbrella from the terrace
please thank <staff> i broke *ninety
the coach was on his phone the whole <service> i want to complain
please tell <staff> that i lost two +kilos
ask <staff> to send the bill for my insurance
the <service> i got has +eggs in it though i said no +eggs very *careless
somebody from the clinic called me please call back on <phone>
my report is ready how do i give it to <staff> before <day>
please tell <staff> that the crutches are back at the desk
i think i left my scarf in the <service> room could somebody call me
the <service> hurt me yesterday and nobody *listened i want this passed on
can <staff> call me back about the bill
tell <staff> i *loved the <service>
let <staff> know i found the right shoes
could <staff> ring me about my order it's weeks late
the zip broke the <service> time i *wore it and i'm *raging tell the owner
tell <staff> we're *bringing the baby after all
please inform <staff> that the +approval of my company is already sent
the +guard was very rude to my father i want to report it
kindly ask <staff> if my *plate from last month is still there
tell <staff> that i forgot my disc at the clinic
could you let <staff> know i'm off the painkillers
i want to say that the receptionist <day> was a *gem
nobody *phoned me back about my *x-rays and i'm *fed up
tell whoever *cleans that the +washroom was lovely
please ring me it's about a *mix-up with my bill
tell <staff> i'll be there <time> <time>
can <staff> give us a bell about the invoice
your <service> gave me a rash not happy someone should know
pass on to <staff> that the new tablets make me dizzy
the *bloke next door <service> through the *wall i want to complain
tell <staff> that the <service> were too dark i want to *snap again
my <service> has a mistake on my name <staff> should please correct it
your +gateman *embarrassed me yesterday and i am not happy at all
please help me tell <staff> that the <service> called
i paid twice by mistake somebody should call me
let <staff> know that my shoulder is much better
could someone phone me about the bill i got
i was kept waiting <length> and i'm not happy about it
tell <staff> the form is in the mail
please tell <staff> he said his first whole *sentence
can <staff> ring me about the invoice it's wrong
would you pass on to <staff> that i'll be ten minutes late <day>
nobody rang me back last week and i find that very poor
thanks and could <staff> call me when she's free
tell <staff> i left my hat in his <service>
i want to complain the instructor *swore at my son
get <staff> to email me the quote will you
let <staff> know the <service> at the *marina *pontoon *c
please have <staff> ring me it's about a bill
say to <staff> that the *brace fits
i left my umbrella at your place <day> could somebody look
nobody *greeted me when i came in i'm quite upset
could you ask <staff> whether he still has my letter
please let the doctor know that the new tablets are working
i've been waiting for my <service> for three weeks and it's not good enough
can <staff> phone me about the invoice
tell <staff> i love the colour she did
ask <staff> to call me about the <service> please
one of my <service> fell in my eye and nobody *apologised
i think i left my ring on the table there
can you tell <staff> that the exercises are helping a lot
my scarf must still be in your changing room
i was charged twice last week and nobody has called me back
ask <staff> to give me a call when she has a minute
could you let <staff> know that the <service> is gone
my son left his jacket in the +den
have <staff> call me about the bill
i'm really unhappy with how long we waited last time
tell <staff> that i finished the +race
i forgot my water +bottle at <service> <day>
<staff> must phone me about the team building
the music was too loud <day> i want to complain
i would like to leave a word for the owner about the +nanny
pass on to <staff> that my shoulder is so much better
i forgot my water *bottle in the studio i think
the bill i got doesn't look right somebody should look into it
can <staff> phone me about my exercises
tell <staff> thanks <day> i slept like a *rock
i think my ring came off in the shower at your place
someone needs to call me about my membership
i was pretty disappointed with how cold the water was
could <staff> get back to me
say to <staff> that the <service> did the *trick
i left my <service> stick in the +porch
would you get <staff> to ring me it's about an invoice
i've a complaint to make about last week
please let <staff> know that my *neck's been great since
somebody's left their lights on in your lot a blue *corolla
get <staff> to ring me back about the results
i never received the invoice from last week
can you tell <staff> me <service> went *patchy on the *ankles
i left a *gold *hoop in the <service> chair
ask <staff> to drop me a <service> about the job *advert
i'm not happy my <service> still red after four days
can someone ring me it's about an allergy
tell <staff> his +routine got me on the <service>
my <service> left her *pink bag in the +barre room
would <staff> give me a call about the +recital
the +air *conditioning was out last night and it was *miserable
you billed me twice for *february
could you ask <staff> to call me back
please tell <staff> i'm doing much better
i think i left my scarf in the waiting room last <day>
tell <staff> that i'll bring the exercises he asked about
can you let <staff> know that we'd like to plan a +bachelorette party
please tell <staff> that i'm allergic to *acetone
i left my water *bottle in the change room <day>
could the manager call me about my gift card
just letting you know we'll be ten minutes late <day>
please ask <staff> to ring me about my results
could you pass on to <staff> that the <service> came off
i'd like to leave a message for the practice manager
the pharmacy says my prescription never arrived
would you tell the doctor that the new tablets make me dizzy
could <staff> give me a ring when she has a minute
would you let <staff> know that the stretch she *showed me worked
i'd like to complain about the bill i got
i left a blue water *bottle in the changing room
can somebody send me my receipt from <day> again
tell <staff> my <service> got so many *compliments
please ask <staff> to ring me about a job
i think i left my umbrella with you <day>
my colour has gone <service> already and i'm not happy
please tell <staff> i'm feeling *heaps better
can <staff> call me about my *x-ray results
i was charged twice for my last visit
i've left my glasses in the <service> room
please let <staff> know i'll be a few minutes late <day>
could you pass a message to <staff> that i *loved the <service>
could you ring me if something comes up earlier
can you ask <staff> to send me the exercises again
please tell <staff> i'm *bringing my old <service>
i think i left my glasses in the <service> room
would <staff> ring me back about an invoice
please let <staff> know that the +temporary <service> feels high
can <staff> call me about my bill
i need a copy of my receipt from <day>
tell <staff> thanks for being so patient with my mom
could you tell me whether i have a *balance
could you tell <staff> i've sent her the picture
can <staff> ring me about my wedding party
i left my *earrings at the shop <day>
let <staff> know my +scalp is really +tender this time
can you tell <staff> the exercises helped a lot
ask <staff> to send my receipt to my insurer please
i forgot my water *bottle at yours yesterday
could somebody ring me about my claim form
could you tell <staff> i'm five days off them
would <staff> give me a ring about my results
i think i left my umbrella in <service> room two
tell <staff> the invoice never came
tell <staff> the <service> *trick got me to sleep
can <staff> email me the teacher training papers
i left a *purple mat in the +loft <day>
please have <staff> call me about my hip
please pass on to <staff> that my back feels great
could <staff> send me last year's receipts
i left my scarf on the hook in room two
would somebody call me about a group booking for my team
could you let <staff> know i've found a picture i like
ask <staff> to <service> me when the clock is done
i think an earring fell off in your shop <day>
tell <staff> the <service> fits *perfectly
the ring you <service> is still too tight
tell <staff> the new pills are working
could <staff> renew my prescription for the +pill
i left my blue card in room three
<staff> should call me about this bill
please tell <staff> the <service> came <day>
= thanks-bye
thanks so much bye
cheers that's everything
ok great thank you
nope that's all have a good one
see you
perfect thanks for your help
thanks a million bye now
grand so thanks
you've been great talk soon
ta see you then
cheers *legend
no more questions thanks *heaps
right i'm off thanks
ta very much
okay bye for now
cheers mate bye
that's me sorted ta
*baie *dankie bye
great stuff thanks
*brill thank you that's all i needed
nice one see you <day>
thank you so much goodbye
super that helps have a good one
okay thanks a million
that'll do goodbye
cheers see you
sweet as thank you
thanks so much have a great day
alright bye now
cool later
you've been a great help bye
thank you kindly
k thanks
ok thanks ah
thank you see you <day>
grand so thanks bye
sound cheers
perfect goodbye then
cheers that's me sorted
ok bye now
respect thank you
thanks see you <day>
great have a good one
you folks are the best bye
right that's everything take care
perfect thank you
that's everything have a nice day
cheers that's great
lovely bye now
ok thank you sir
fine i will come then thanks
thanks for all your help
ok great bye for now
super that's all i needed
wonderful see you then
ok cheers
lovely bye
thank you i'll see you <day>
that's all i wanted to know cheers
grand see you <day> then
you've been very helpful goodbye
ta that's us sorted
no worries bye for now
*asante that will be all
okay bye
thanks so much have a good day
perfect that's everything
alright bye for now then
you've been great cheers
that answers it thank you
all right thanks bye
great thanks a million bye now
okay cheers you've been a big help
that will be everything have a nice day
sweet as see you
ta that's me sorted
appreciate it bye
okay thank you *ma'am that's all i needed
thanks very much for your help goodbye
that's everything cheers
sound thanks that's me sorted
you're very good bye now
awesome thank you so much see you
ok that's it have a good one
thank you so much have a nice day
that's all for now bye
cheers see you <day>
thanks for moving it see you <day> then
okay that's it thanks hear
thanks for your help bless you
lovely thanks bye
thank you that's everything
great that's all i wanted to know
thank you bye
you've been very helpful see you <day>
ok thanks you
*terima *kasih bye
that answers it thank you very much
right you are cheers
thanks a million we'll see you <day>
okay that's us then bye
brilliant thanks so much
okay i'm all set have a good one
bye for now
thank you god bless
alright then i'm coming <day> bye
ok *noted thanks
*grazzi bye
that'll be all thanks for your help
thanks a lot that's all i wanted to know
lovely see you then
nope that covers it have a nice day bye
*asante *sana bye
ok great until <day> then
perfect you've helped me a lot thanks
thank you so much you were very helpful
okay bye i will call again
fine thanks that is all
cheers bye now
brilliant that answers it
no that was all take care
thanks a million you're very good
grand so bye
ok *salamat thank you
*noted thank you very much
that's everything you've been a star
ok *ttyl
bless you for your *patience goodbye
ta *muchly that's me sorted then
no worries catch you
cheers big ears
thank you *ma god bless you
okay thanks i'm good for now
alright we will talk later
great that was all i needed have a good one
perfect thank you very much for your help
right thank you that's been very helpful
lovely see you <day> then
*beauty thanks for that
no worries that's me done
that's everything bye
wonderful you've been a great help
ta very much bye now
that's grand see you <day>
alright *darling thanks bye
bless you that's all
okay thanks so much have a good day
that's really everything i needed to know
great see you then
nope that'll be it thank you
thank you so much stay well
okay no problem bye
perfect that's all i wanted
alright cheers take care
sweet thanks bye
nah i'm good appreciate it
lovely thank you dear cheerio
no that's me sorted
you've been a great help so long
okay that'll do me ta
nice one see you
ta very much *tara
much obliged bye now
that'll do it thank you *ma'am
that's everything thank you so much
perfect bye now
thanks for your help have a good day
ok great see you then
thank you that's all i needed
alright goodbye then
that was all thanks for your help
brilliant see you then
just looking thanks
lovely stuff thank you ever so much bye
no that's me sorted ta
cheers that's all
that's all thank you very much
perfect see you <day>
okay bye now
that'll do it thanks
you've been great bye
lovely see you <day>
wonderful thanks for your help
see you <day> then bye
nothing else cheers
that's great thanks a million
sound bye now
awesome i really appreciate your help
you have a good one bye
that's it for me
thank you kindly and goodbye
you've been most helpful goodbye
alright then i have all i need
*smashing thanks ever so much
lovely stuff till <day> then
you've been a *blessing that's me done
alright then see you <day>
thank you *darling bye
= emergency
i've got crushing chest pain right now
my dad fell down the stairs and hit his head
my leg has suddenly gone numb and i can't hold my *pee
my husband has collapsed with pain down his left arm is it a heart *attack?
i fell off my bike an hour ago banged my head and keep being sick
i can't feel my legs all of a sudden
i splashed bleach in my <service>
sudden loss of vision in my right <service> since <day>
there's metal in my <service> from *grinding
my dog's just collapsed and isn't breathing
she ate rat poison ten minutes ago
he's been bitten by a snake
i think i'm having a stroke
she hit her head hard and is throwing up
pain in my chest and i can't breathe properly
i've just had a crash and someone is hurt
my granny collapsed in your yard
lost control of my bladder since <day>
my car is on fire
the <service> is not breathing
my husband collapsed and isn't responding
my left arm went numb all of a sudden and my chest is tight
i fell on my head an hour ago and now i keep vomiting
my mate had a seizure in the hall
i woke up suddenly deaf in one <service>
there's blood he is bleeding from the <service> after the fall
my grandmother fell and can't feel her legs
he's clutching his chest and sweating
since <length> i can't feel my legs
i hit my head on the ice and i'm dizzy
a boy passed out in room 2
the battery is smoking in my hallway
a *cyclist was knocked down by a car outside
my daughter fell on her head and is sleepy
my dad's chest hurts and his arm has gone numb
he fell off the ladder and hit his head he's bleeding
i suddenly can't feel the left side of my face
her face is swelling from the <service>
a client just collapsed in the hallway
there's smoke in the *stairwell
my *grandfather can't feel his legs all of a sudden
my husband has chest pain and is sweating
since <day> i have sudden *numbness in my leg
she had a fall with a head <service> and is dizzy
my <service> won't stop bleeding and i feel faint
i've got swelling in my throat after the +injection
my child got acid in his <service> what to do acid in my eye as well
there are sudden *flashes and a *curtain over my <service>
my mother has chest pain and her arm is numb
he had a fall with a head <service> and is confused
i've lost control of my bladder and my legs feel weak loss of bladder control since <day>
somebody collapsed and is not breathing
he's unconscious on the floor
my father can't move one side of his face
he collapsed in your car park and isn't responding
my dog's been hit by a car
the cat can't breathe properly
the *pup is having a fit
there is smoke from the engine what now
the <service> is on fire
my mother has chest pain and can't get her breath
i hit my head hard when i fell and i feel dizzy
my eyes are burning from the <service> *glue
she's fainted in the chair and won't come round
he has a *gun and he's outside my <service>
my boyfriend keeps *hitting me and i'm scared
my dad's just collapsed and he can't feel his arm
she hit her head *falling off the *treadmill and she's confused
i've got a crushing pain in my chest right now
i can't hold my bladder since <day> and my legs are numb
an old *fella's just collapsed outside your door
<staff> <service> himself and he's bleeding badly
my <service> is *black and cold and i can't feel it
he passed out in your waiting room
i'm having trouble breathing and my chest hurts
my father has sudden chest pain and is sweating a lot
one side of my face has gone numb out of nowhere
she fell down the stairs and hit her head and is throwing up
she got the <service> and now her throat is closing up
my husband's collapsed and isn't answering me
he was bitten and he's having a fit
my friend passed out in the parking lot and isn't *waking up
it's been an hour and the bleeding won't stop
he's having a seizure right now
my father has crushing chest pain
i fell and hit my head and everything is *blurry
suddenly my whole left side is numb
my *waters broke and i'm only thirty weeks
the <service> turning blue
i'm bleeding a lot and i'm <service>
i want to end my life
my brother took all my pills
i'm going to hurt myself <day>
my wife has collapsed and isn't breathing
i've got a terrible pressure in my chest and my arm hurts
his face is drooping on one side and he can't talk
after the <service> my throat is closing up
i'm having trouble breathing and there are *hives everywhere
my mother fainted in the car and won't wake up
my daughter was thrown and she's not answering me
a <service> *kicked my husband in the head and he's bleeding badly
she can't move her legs after the fall
my dad just dropped to the floor and he's not moving
i can't feel my legs and i've wet myself
it's like somebody is crushing my chest
he hit his head on the ice and he's being sick
my <service> is burning in my hand and there's smoke
i *touched the <service> and my brother was *shocked he's not answering
the <service> *caught fire on the bed
my son went under and he isn't breathing
she's swallowed *loads of <service> and her lips are blue
an old man has collapsed in the changing room
my father has chest pain and his arm is going numb
i fell on my head and now i see double
i can't feel my legs since <day>
a man has been hit on the head by a *ball and he is bleeding
my uncle just collapsed in bay two
my <service> fainted after her *injection and is not *waking up
he ate *peanuts and his throat is swelling
my <service> is very +low and i am shaking and sweating i can't stand
help my husband has collapsed on the floor and isn't breathing
i just can't stop bleeding i cut my arm with a saw
my <service> has collapsed on your stairs and can't breathe
my wife is <service> and bleeding heavily what do we do
help my wife's having a seizure on the *sidewalk outside
i think grandpa is having a stroke his face is *hanging
he's gone blue and he's not breathing
one man just fainted in front of your office
there is fire in the building
my husband has collapsed and isn't answering
i've got a crushing feeling in my chest and my arm is numb
she hit her head on the ice and now she's being sick
she's choking on a *grape and going blue
his mouth has dropped on one side and he can't speak
our <service> is taking on water fast and we can't stop it
my mate fell off the +jetty and he's not coming up
my *grandfather has chest pain and his arm is *tingling
since <day> there's no feeling in either of my legs
she fell off the ladder onto her head and is talking *nonsense
he's been stung and his tongue is swelling
my daughter ate a *nut and her throat is closing up
my husband has collapsed and isn't answering me
there's *glue in my eye and i can't see
she fainted and she's not <service> up
my father's face has dropped on one side and he can't speak properly
i've got terrible chest pain and i'm sweating
she fainted and won't wake up
he swallowed a <service> and he's choking
my daughter got hit in the face and she's bleeding badly from the <service>
her throat is swelling up and she can hardly breathe
someone has collapsed on the *treadmill and is not breathing
my friend was knocked down by a car and there is a lot of blood
my husband just collapsed on the floor and he's turning blue
i've got a crushing pain in my chest going down my arm
my *buddy passed out in the <service> and we can't wake him
she's having a seizure right now
i'm going to end my life <day>
i've lost the feeling in my legs and i've wet myself
my <service> gone limp and isn't breathing right
my dad's *speech has gone funny and his arm won't lift
my father's face is drooping and he can't talk right
she fell off the bench and isn't *waking up
me *throat's closing up after that <service>
my mum's collapsed in your *toilets she's not breathing
i don't want to be here any more i've taken a load of pills
there's a man down on the <service> floor and he's not breathing
she fell on her neck and can't feel her hands
i'm having chest pain and my left arm is numb
my wife just collapsed and she's not breathing
someone passed out in the <service> and won't wake up
my friend can't breathe after the +nut oil her lips are swelling
my husband has crushing chest pain
my little boy swallowed a whole *bottle of tablets
i cut my hand with a saw and it won't <service> bleeding
my dad's face is drooping and he can't lift his arm
i think she has stopped breathing
i've just *dyed my <service> and my throat is swelling up
a customer has fainted outside your shop and isn't moving
i fell off a ladder and can't feel my legs
he's got chest pain and is sweating badly
my little boy swallowed a battery
my husband has collapsed and he isn't breathing
my chest feels crushed and my left arm has gone numb
my face is swelling fast and i can't swallow
it won't stop bleeding since they <service> the tooth it's been three hours and i feel faint
a lady here has fainted and hit her head she won't wake up
i can't breathe properly after that *spray
my dad's just fallen off the table and he isn't moving
i suddenly can't see out of one eye and my *speech is slurred
my granny took too many of her heart <service> and she's very *drowsy
his lips are swelling up since the <service> and he's struggling for *air
a woman in <service> just passed out and she's not *waking up
i've got crushing pain in my chest after the *workout
my wife's face is drooping on one side and she can't lift her arm
he's been stung and his throat is closing up
someone's just collapsed on your steps and isn't breathing
i've swallowed a <service> i mean my toddler has
i'm eight months along and bleeding a lot it won't stop
my sister just had her <service> and now she's fainted and won't wake
i've got a fever of 40 and pain in my *belly after the *procedure
= refused/refunds
i want my money back for last week
can i get a refund on my voucher
i want a refund on these <service>
i want my money back you cut his ear
refund me for the <service> i missed
i want my money back i failed
i want a refund for the *blurry ones
i'd like to be reimbursed for the <service>
can i get my money back for *february
give me my money back they don't work
i'd like my deposit returned to me
want my fees refunded
you owe me my money back
give me my money back for last week
i want my money back for that <service>
your work was late give me your fee back
i wasn't happy last week and would like my money back
the <service> didn't work i'm asking for a refund
please return the money for my <service>
i would like a refund for my last <service>
i want my money back for the +prints
i'd like you to pay me back for the <service>
can i see <staff> about a refund
i never *felt better after it so give me my money back
you <service> her too short i want a refund
i want my money back for the alternator
i'd like my money back for last week's <service>
i'd like a refund the <service> *lasted two days
i want my <service> fee back
i'd like what i paid last week returned to me
the last <service> was awful i want a refund
those <service> broke <day> i expect to be reimbursed
you overcharged me i demand my sixty dollars back
i cancelled the <service> so i want the €85 back
i hate how it came out i want my cash back
i paid for nothing so hand me my money back
i want a refund <day>
i want my money back for the missed <service>
i want a refund the <service> only *walked
i'd like the money for last <day> back
i want a refund it broke again
i'd like my money back for the cancelled class
i'd like my money back for last week's session
i did not enjoy the <service> return my money
refund the package i am *shifting to *mumbai
i was unhappy with it give me my money back
i want my deposit refunded
i'd like my money back <day>
i want the money for my last visit returned
i want my money back for the last +block
i didn't like it give me back what i paid
i didn't like the <service> give me back what i paid
the <service> found nothing so i want my money back
these <service> are terrible and i want a refund on them
i'd like my money back for the last session
the treatment didn't work so i want a refund
i paid for ten and only came twice so give me my money
i'd like to be refunded <day>
give me my money back <day> the water was cold
i'm not happy and i want what i paid <service>
i would like the fifty dollars back that i paid you
i want me money <service> for that +peel
i need my money back <day>
i want my money back for yesterday's <service>
i'd like a refund for my last <service> it gave me a rash
i'd like my money back for the cancelled visit
i'd like my money back for the <service> it fell off
i want a refund you <service> it far too short
i want my money <service> it made it worse
i want my money back for the last <service>
i'd like a refund for the <service> that broke
my <service> fell out and i want a refund
could i get my money back the <service> made it worse
i'd like my money back there was no <service>
i want a refund for the <service> i missed
the last treatment did nothing i'd like a refund
i want my money back for the <service> it *snapped
i want to be refunded for the <service> you couldn't see anything
= refused/discounts
any chance of a student discount
can you knock ten bucks off
do pensioners pay less
give me a better price and i'll book three
any student discount
can you do the <service> cheaper for cash
mates rates for <places>?
what's the senior rate
do you do deals if i buy ten
any *block deal for ten <service>
special price for a school
could i pay less if i come every week
can you make it cheaper if i pay for ten
could you knock ten dollars off
students pay less *right?
<places> is there a family rate
any coupon for seniors
isn't there a lower price for pensioners
any deal on ten <service>
can i get it for less i'm on a pension
got *sibling rate or not
any mates rates
how about a special price for regulars
can you do it any cheaper for cash
do students get a lower price
beg you a *bligh on the price
is there a senior rate
can we agree on 80 <length> instead of 95
do you give a discount for students
is there a pensioner rate
what is your best price for two *pairs
is there any discount for seniors
do you give a student price
mates rates for <places> <service>?
do you have anything cheaper
could you do it for 100 dollars
could you do it for seventy if i pay cash
any pensioner discount on <service>
what is your last price for <service>
*reduce the price small i am a regular
can you give me ten percent off if i book three
i'm a student is there any discount for that
could you do it a bit cheaper for cash
is there a lower rate for *veterans
would you do it for 50 if i pay cash
i'm on a pension does that get me something off
can you knock something off for seniors
any chance of ten percent off for seniors
what would you do it for if <places> come
do i get a deal if i book two
your prices are a joke knock off fifty bucks and i'm in
that's a lot could you come down a bit
give me a discount for twins
knock two hundred off and i'll come
can you make it a bit less than *ninety dollars
can give discount for students
would you knock a *fiver off if <places> come
could you do it for 50
please *reduce it small for me
make me a special price i have <places>
can you take ten dollars off if i come twice
give me a better price and i'll bring ten friends
please do some *concession for senior *citizens
knock *fifteen bucks off and we have a deal
would you do it for two hundred cash
last price for the <service>?
give me ten percent off and i'll book right now
my friend pays less than me why make mine the same
any chance of mates rates
can you knock a bit off for pensioners
*oga do me last price now
*reduce the money small
would you do it for seventy if i pay cash
is it any cheaper for pensioners
knock twenty off and i'll bring a friend
i'm *seventy-one so do i pay less
i'm at *uni would it come cheaper for me
can i give her two +antihistamines at once
could you do it for forty if i bring my sister
can you do it a bit cheaper for me
can you knock something off since we have <places>
please *reduce the price for me i am a student
would you take ten dollars off if i pay cash
any discount for *veterans
could you do it for forty
any breaks on the price for seniors
can you knock a *fiver off if i come with a mate
do you give a *military discount
can you give me a student discount
is there a discount if we're <places>
can i get it cheaper because i'm a pensioner
would you do the <length> for the price of 60 if i come every week
knock a *tenner off and i'll come <day>
do it for forty bucks and i'll book now
would you take something off if i paid cash
do you give a senior discount
my gran is on a pension would she be charged less
would you do it cheaper <places>
would you do it for ten bucks less
can you take ten percent off for a nurse
would you do both <service> for the price of one
do you have a special for *mothers
= refused/advice
is my back pain a slipped disc do you think
what pills help with *sciatica
do i have *glaucoma do you reckon
my <service> is red which drops should i use
what is this lump on his *belly
is it infected do you think
is it serious if my *calf is swollen and hot
which painkillers go with <service>
am i fit to <service> with my *epilepsy
do you think i *tore something
how many *advils can i take before coming
am i going deaf
which <service> drops are best
should i stop taking my blood *thinner before the visit
what is this lump on my knee
can i take *voltaren together with <service>
do i have arthritis do you think
should i take ibuprofen before coming
does this sound like a torn ligament to you
what is this rash on my <service>
can i deduct my boat
why is my knee swollen is it serious
what pills should i take for my back
do you think it's a torn ligament
am i going blind
should i take ibuprofen for my knee
is it normal that my *calf is swollen
is this burning in my *calf a clot
should i stop taking my blood *thinners before <service>
what should i give him for the runs
is *chocolate going to kill my <service>
is a *bruise after <service> normal
how long can i drive with the <service> on
what medication should i take for my *sciatica
do you think i've torn something
i've got a rash since the <service> what should i put on it
do you think i have a *case
should i <service> the *settlement they sent me
how many painkillers can i have a day
do you reckon my shoulder is torn
i'm losing my <service> what should i put on it
is my toe infected do you think
should i stop taking my blood *thinner before
can you tell me if my +mri *shows a tear
should i be *icing or heating my back
would +malaria tablets be safe with my heart <service>
i've had a <service> since the +jab is that normal
is it infected it's kind of red and warm
i'm pregnant can i still get <service>
is it dangerous to exercise with a torn ligament
can i take cold medicine when i'm <service>
is it normal that she cries all night
am i *depressed or just tired
should i take my +antidepressants with wine
how many painkillers may i take before i come
this spot on my leg is it <service>
what cream should i put on a baby of two months
can i <service> when pregnant
which pills do i take for a back like this
can i <service> with the heart tablets i take
is it a good idea to swallow an ibuprofen before you treat me
can you tell me if my *rib is broken from what i *describe
should i stop my tablets when i start the <service>
how many *units of *insulin should i take at night
which pills are best for back pain
is the lump in my <service> cancer
should i take my *maintenance medicine on that day or skip it
can you tell me if *gus *peterson made it home from yours
cold *pack or hot *pack which is right for it
how many of the blue tablets can i take
how many of the pain pills can i take together
what medicine would help with his *reflux
i've got a pacemaker is it safe with my heart *condition to go out
how much ibuprofen can i take with this
is this rash on my arm an <service>
my <service> is green is it infected
should i stop taking my blood *thinner before <service>
how many *tylenol can he have after the <service>
which painkiller can i take for my knee
is my swollen ankle broken or just sprained what do you think
which painkiller would you take for a sore <service>
should i be taking *advil or *tylenol for this knee
is this mole on my arm cancer
is my toe broken if it's *purple
what painkillers should i take for my back
which cream should i put on this rash
should i <service> my blood pressure tablets
should i take ibuprofen or ice it
is it safe to take *codeine with my *anti-inflammatories
what are the side effects of my blood pressure pills
should i take ibuprofen before i come in
which *antibiotic should i take for my *abscess
what tablets help with <service> loss
do you think it's a slipped disc
how many paracetamol can i take <day>
should i take muscle *relaxers before <service>
is my shoulder torn or just *strained
is *brown *discharge normal
= refused/others
has my sister got an appointment with you <day>
which other patients does <staff> see <day>
i'm *ana *petrov's mother when is she coming in
when is my wife coming in for her <service>
is that lady in the red coat one of your other clients
whose <service> is booked in before mine
is my boss a client of yours
did my son pass his <service>
who had the appointment before me
which other *learners has <staff> got
show me <service> of another couple's wedding that you didn't publish
has my wife got an appointment with you
tell me who your other patients are
which other pupils does <staff> have <day>
is *walter *finch a patient of yours
was my neighbour at yours yesterday
did *ana *petrov show up <day>
who is on after me
what <service> did the other pupils get
whose <service> is that in the *window
tell me when *teodor is in next
is my sister *nadine booked with you <day>
at what time did *desmond leave yesterday
read me the list of clients for <day>
when is my friend *kerry-ann coming
what did my *ex's return say
when is my wife's next appointment
could you tell me if my boss is a client of yours
what time is my neighbour's appointment
tell me my husband's <service> i'm at the shop
my ex is a patient there tell me what she comes for
could you tell me whether my husband has booked
who else is coming to the <service> <day>
can you show me someone else's <service> from last week
what was her <service> size the *bride before me
when is *ruth *delaney's next visit
who has the slot before mine <day>
whose <service> is that on your website
whose <service> is on lift two
can you tell me when my wife is coming in
is my neighbour *walter a patient of yours
does my sister *nadia still come to you
did my *ex-husband hire you
is my neighbour *helen *macaskill one of your patients
was my husband <day>
is my *ex-husband a patient there
did my ex book with you <day>
is my daughter's *fella after booking with you
did my girlfriend get a <service> there yesterday
when is my friend *wanda coming in
who else is coming to the <service>
is my colleague *hendrik a patient of yours
what's wrong with *victor *amadi why does he come to you
is the *actress from *channel 8 a patient of yours
does the *minister's daughter <service> with you
does my ex still go to you his name is <name>
which <service> did *esi *quaye bring
is the *mayor's son in the <service>
is my sister coming to you <day> her name is <name>
is *nikhil *shah <service> <day>
who are the other people in the <service>
what did *sneha *joshi's report say
is *hamid *rostami a patient of yours
did my husband's appointment get booked
what <service> did *niamh *keane pick
what did *karen *ong's <service> show
which of your patients had the same surgery as me
what did *kate *mulligan see <staff> about
what are me neighbour's <service>
what did the <service> tell <name>
is my brother in *law one of your patients
is next *door's boy coming to you as well the *barker lad
did my nephew pass his <service>
does my boss come to you too
what was wrong with the lady who came out before me
does *natalie from the bank come to you
is my neighbour *anke *boersma one of your clients
is the *larsen boy a patient of yours too
does the minister <service> at your place
could you tell me who has the <time> <day>
who else is <service> <day>
is *callum *rennie coming <day>
has my *coworker *magnus got something with you <day>
did *gemma *rigby come in yesterday
who else is in my daughter's <service>
is my neighbour *hedda *moreau a patient of yours
is *darcy *whitford coming in <day>
can you tell me if my *ex-wife was in last week
does *dora *macneil come to you
has my sister *hannah *thwaite been <day>
is *graham *sleath still a patient there
when is my neighbour *vera coming in
was *brenda *stahl in <day>
is *imani *clarke coming in <day>
does *aileen *burke still come to you
has *hugh *mcauley had his <service> done yet
is *ingrid *falk in the <service> <day>
when is *yolanda *pike <day>
who had the appointment before mine
has *clive *botham collected his <service>
did my *daughter-in-law *shanique come for her <service>
= refused/private
what's <staff> private mobile number
can i have <staff> home address
what's <staff> personal number
can i have <staff> personal number
can i have <staff> cell
what's <staff> home number
what is <staff> home address
<staff> home number please
<staff> cell please
which number can i text <staff> on privately
<staff> handphone *number?
have you <staff> home number
what's <staff> cell
give me <staff> cell number
can i have <staff> cell number
share <staff> personal number
what is <staff> phone number
what's <staff> cell number
i'd love to have <staff> email can i get it
can i have <staff> mobile
give me <staff> personal number
can i have <staff> number so i can text her
give me <staff> cell
what's <staff> home address
give us <staff> mobile number
text me the number of <staff> own phone
give us a *loan of <staff> mobile number
where does <staff> live
what's <staff> private number
what is <staff> cell number
please give me <staff> handphone number
what's <staff> mobile number
give me <staff> own number
give me <staff> mobile please
what is <staff> cell phone number
what is <staff> <service> number
give me <staff> *madam's personal number
what's <staff> mobile
got <staff> *mobile?
give me <staff> personal line
i need <staff> own cell number he said it was fine
have you got <staff> mobile number
tell me which street <staff> has her house in
could i have <staff> mobile
what is <staff> personal number
let me have <staff> own number
can i please have <staff> home phone number
what is <staff> mobile number
give me <staff> home address
can i get <staff> cell
can you give me <staff> mobile number
i'd like to text <staff> what's his own number
could you text me <staff> own number
= out-of-scope
what's the weather like <day>
tell me a joke
can you order me a pizza
write me a poem about the sea
what's 17 times 23
what stocks should i buy
how do i get to the airport
who is the prime minister
my tv is broken can you send someone
do you sell bicycles
i'd like to book a table <places>
what's the capital of *portugal
i want to buy your building
what time is the next train to *dublin
can you recommend a good restaurant
do you <service> *watches
tell me who will win the match
play some music
do you do nails
what's the *footy score
do you sell *fish *tanks
how do i cook a *roast
what's the time in *london
can you help me with my tax return
where's the nearest place to you to get coffee
how many people live in *tern bay
can you book me a flight
what should i cook <day>
do you like music
my wifi at home is down
sell me some shoes
who painted the *mona lisa
explain *quantum <service>
is there a dentist near you
can you lend me money
what's the best car to buy
can you fix my exhaust
who won the election
what's the price of petrol <day>
which +camera should i buy
what's the exchange rate
do you sell petrol
can you water my *plants
can you recommend a *movie
do you know any good jokes
what does my *horoscope say
tell me a *bedtime story
how do i use my own *camera's flash
what's the capital of *peru
translate good morning into german
can you order me a taxi
will it snow <day>
help me write an essay about *whales
my cat won't eat
who do you think wins the *hockey game
do you have jobs for a *carpenter
how do i get rid of *ants
my printer is *jammed
how do i tune a *violin
who wrote the *moonlight sonata
can you fix my *stereo
what time does the ferry to *picton leave
what's the best tv for the money
can you fix my glasses
what's 15 percent of 80
recommend a *mexican restaurant
what's a good book to read
can i rent a *kayak from you
how do you make pancakes
what time is it in *tokyo
do you sell concert tickets
write a poem about the sea
how tall is *mount everest
where can i buy a second hand *couch
can you fix a leaking tap
what do you think of the prime minister
my kid needs help with *fractions
is bitcoin a good idea
i lost my passport who issues new ones
how to cook *chicken rice
which stocks to buy
can you sell me a laptop
when is the next football match
what's the weather in *galway
can you <service> my lawnmower
where's a good *pub
what's the meaning of life
can you babysit <day>
what is the *psle cut off this year
who won the *stage yesterday
who won the *hockey game
translate good morning into *portuguese
my car won't start do you know a garage
tell me a joke about *bones
do you have rooms for the night
when is the next ferry
i want to buy a bike
can you recommend a good dentist
where can i buy *mangoes
fix my phone screen
what is the exchange rate <day>
who sings that song on the *radio
what's a good recipe for *chili
can you cut my hair
is it going to snow <day>
write me a *resume
which *airline *flies to *halifax
my laptop is broken
can you book me a flight to *toronto
what's the weather <day>
did the home team win the game last night
can you recommend a good restaurant nearby
i need help with my tax return
do you know someone who repairs washing machines
how do i cook a *lasagne
can you fix my *boiler
what time is the last train to *glasgow
do you sell mobile *recharge
what is the *gold rate <day>
which film is running at the theatre
can you help me write a <service> essay
what's on at the cinema
how do i get a *mortgage
can you order flowers for my wife
what year did the war end
my sink *leaks know a good plumber
please write an email to my boss
when does the *movie start
which <service> phone should i buy
my tv is broken can you fix it
what's the ferry schedule <day>
how do i renew my *driver's licence
can you service my <service> machine
what's a good *pub round here
how do i get wine out of a *carpet
would you know where i can buy buttons
where's a good place for <time> near the harbour
can you fix my *bike's brakes
what's *nineteen times six
how do i get to the moon
recommend me a *detective *novel
who won the *footy
can you mow my *paddock
where can i buy *hay
what's a good name for a *goldfish
can you sell me a *goat
who will win the election
what's the exchange rate <day>
teach me to play the drums
help my daughter with *algebra
my neighbour's <service> *barks all night can you do something
what's the weather like in *halifax
do you happen to know any plumber around here
write me a birthday poem
how do i reset my phone
which *nightclub is good round here
can you help me with my maths homework
what's a good *taco place on +fourth
can you fix my printer it's *jammed again
tell me a lawyer joke
how tall is the *highest mountain in *colorado
can you recommend a *movie for <day>
how do i become a <service> myself
who's *winning the *hockey game
can you recommend a good pizza place
how do i fix a leaking tap
have you got tickets for the concert on the *pier
who won the *rugby
will it rain <day>
how do you cook a *pavlova
my *bike's got a flat can you lot fix it
who should i vote for
what's the score of the *cubs game
can you order me a cab
how many *ounces in a *pound
what's a good hotel in town
can you help me with my *math homework
where would i apply for a passport
which *airline is cheapest to *nairobi
do i need a <service> for *vietnam
what was the score in the match last night
write my cover letter
what's a good *taco place around here
can you sell me concert tickets
who's going to win the super *bowl
how do i jump start my *truck
how is the weather in *halifax
who won the *hockey game last night
order me a large *pepperoni pizza
write me a poem about spring
for a *quiz the capital of *peru
who's playing in the *cricket <day>
where do people go to renew their passport
can you tell me what to name the <service>
do you sell *doubles
my laptop won't start can you help me with that
what are the *lotto *numbers
when does the *rugby start <day>
give me a recipe for *bobotie
which stocks should i put my *savings in
tell me a joke about *doctors
how do i bake *sourdough
who was prime minister before this one
what's on at the cinema <day>
what's the exchange rate of the *ringgit
can you recommend a good *nasi *lemak place
help my daughter with her homework in maths
how do i get my passport *renewed
what do you think of the new *government
who won the grand *national
can you translate this letter into *gaelic for me
how old is the *universe roughly
find me a cheap flight to *malaga
what would you name a *ginger cat
what's the capital of *mongolia
my *sink's blocked know a *plumber?
how many *calories are in a *bagel
which football team won yesterday
how do i cook *jollof for twenty people
what's the dollar at <day>
help me write a love letter
who invented the telephone
how do you say thank you in *japanese
what's the *fastest *fish
find me a hotel near the *beach
who is going to win the election
my boiler's broken can you fix it
could you recommend a good restaurant near the harbour
my tax return is a mess could you fill it in
write me a birthday poem for my mother
would you lend me 5 000 till <day>
i need a new phone any idea which
how do i cook *pilau
what's the score of the football match
help me write an application for a job
can you book a train ticket for me
i'm *bored make me *laugh
<day> s *gold rate please
which school is good for my son
what is 48 divided <time>
did the *leafs win last night
do you know a cheap garage for my car
translate good morning into italian
where would you go on *honeymoon
can you recommend a *band for the <service>
write my <service> *speech for me
what is the dollar rate <day>
do you sell *loads for *cellphone
what *movie is good to watch <day>
do you reckon it'll snow <day>
can you spell *rhythm
sell me a used bike
how late is it in *tokyo now
do you have a recipe for *chowder
who's going to win the *footy
where's good for *fish and *chips
can you fix my +telly
is there a *servo near you
give us a joke
what is the dollar rate at the *black market
who do you think will win the *governorship
do you sell *recharge cards
between two phones which one is better to buy
who's going to win the election
what should i cook for <places> <day>
can you help me fix my printer
what's the exchange rate for the *euro
sing me happy birthday
how did *leeds get on last night
can you recommend a good *indian restaurant
what's *seventeen times twenty three
are they saying snow for <day>
where can i buy a good second hand *ute
when's the *cricket on
how do you make a *pavlova
tell me a joke about *pirates
can you translate this letter into italian
who do you reckon is going to win the election
how do i cook *lobster
can you fix my dishwasher
when does the ferry to the island leave
know any good jokes
where can i get a good *curry round here
*peru what's its capital
did *wales win last night
could you write my essay
will it be a bad year for *wasps
what's the best +beach for *turtles
how many *grams in an *ounce
who won the *cricket
could you get a pizza sent to my house
which *airline should i fly with to *london
will i need snow boots for <day>
where would you go for a good *supper around here
did the *mooseheads win
my passport is about to run out how do i get another
could you help me with my *math homework
is the *lake *frozen enough to *skate
what time does the library close
my car won't start do you know a mechanic
who's going to be president
the dollar is at how much <day>
how do i cook *ifisashi
who will win the *africa cup
do you sell *airtime
can you translate this letter for me
what's a good recipe for *chowder
is the ferry running <day>
can you help my kid with his *spelling
which phone would you buy if you were me
who won last night the *oilers
who's playing at the *arena <day>
do you know a good *taco place
my sink is leaking can you help
how do i get my *driver's *license *renewed
what's the snow like up at the *ski hill
will it rain on us <day>
what time is the last train to *fife
can you recommend a plumber
how do you make *tablet
did *hibs win
how are the *roads out past *antigonish
write me a birthday poem for my wife
what's forty percent of three hundred
do you know any good *lobster place
my printer won't print
what's the score in the *derby
can you recommend a plumber in *ancoats
how do i get <service> wine out of a *carpet
got any good jokes for us
when's the next train to *stockport
who do the *spurs play <day>
how do you make good *queso
what's a *decent hotel on the *riverwalk
can you fix a cracked *windshield
what's the capital of *nebraska
help me write an email to my landlord
can you book me a taxi to the airport
how do i get a red wine stain out of a *carpet
what time does the *stampede start this year
can you translate this into german for me
is there a flight from *calgary to *vancouver <day>
what time is the ferry to *st *george's
who is the *premier these days
what's the best way to cook *salmon
translate good morning into spanish for me
can you <service> my *hairdryer it's broken
what's *seventeen times twelve
could you recommend a nice <service> dress shop
what's the all *blacks score
can you help my daughter with her maths homework
what's the *tide doing <day>
book me a flight to *wellington
can you recommend a good restaurant near the harbour
how do i get *chewing gum out of a *carpet
which team won yesterday's *hockey game
what's the best electric *toothbrush on *amazon
my kitchen sink is *clogged who would you call
how hot will it get <day>
what's a good name for a cat
how do i get to the airport from the city
how do i reset my *router
who won the election in *iceland
could you write a birthday poem for my aunt
is there a flight to *toronto <day>
how do i get red wine out of a shirt
what's on the *telly
my boiler's leaking who'd fix that
how do you spell necessary
what's the *tide at the *beach <day>
write me a cover letter
who is the mayor of *savannah
how do i fix a flat *tire
who wrote the *national *anthem of *mongolia
my printer won't print any idea
get me a cab to the airport for six
my kid can't sleep tell her a story
how tall is <name>
can you translate a letter into german for me
what's the score in the *rugby
my washing machine *leaks
will the *hurricane hit <day>
where can i buy a good *crib
what should we call the <service>
how do i cook *peas and rice
= none
hello
good morning
hey there hope you're well
is this thing on
hello there
testing
good afternoon
are you *there?
wait
good evening
one moment
good morning is this the <service> clinic
you can stop *messaging me
*hello?
what's new
and who might you be
i'd feel better if a woman did it
my phone is new <phone>
sorry i *pressed send too early i meant <day> <time>
how's your day going
can you hear me all right
`;
