/** What people want done, and what else they write, of many trades; most stand for nothing but themselves. */
export const DONE = String.raw`
= book
book me
book me in
book us in
i want to book
i'd like to book
can i book
booking please
an appointment please
appointment please
make me a booking
i'd like to book <service>
i would like to make an appointment
i want an appointment <day>
i want to come in <day>
i want to come <day> <time>
i need an appointment
i need an appointment for <service> <day>
i need a <service>
i need to see <staff>
i need to see somebody <day>
i need to see someone about my ear
i need someone to look at my brakes
i need somebody for my hair <day>
i need my nails done before <day>
i need my car looked at
i need a haircut badly
i have to get my eyes tested
i have a sore tooth, please help
i hurt my wrist, who can see me
i hurt my foot and need help <day>
i twisted my ankle, can i come <time>
i twisted my knee yesterday and would like to be seen
i broke my glasses and need new ones
i chipped my nail, could you fix it <day>
my phone screen is cracked, can i bring it <day>
my watch stopped, can i come in <time>
my bike has a flat, could you do it <day>
my back is bad again, please find me something
my neck is killing me
my tooth broke and i need to come in
my knee is swollen, can somebody take me <day>
my son needs his hair cut <day>
my daughter needs a lesson before her exam
my mother would like a <service> <day>
my husband needs to see <staff>
my wife wants to come <day>
my doctor sent me for a <service>
my friend and i want to come together <day>
we'd like to come <day>
we want to book <places> for <service>
we need <places> in the class
we are two and would like <service> <day>
the two of us would like to come <day>
could i come <day> <time>
could i come in for <service>
could i get a <service> <day>
could i get in with <staff> <day>
could i get an appointment with <staff>
could i see <staff> <day>
could i have <day> <time>
could i book <staff> for <day>
could you book me <day> <time>
could you put me in <day>
could you get me in <day>
could you fit us in <day>
could you find me a time <day>
could you give me an appointment <day>
could somebody have a look at my shoulder <day>
could <staff> see me <day>
could we come <day> <time>
can i come <day>
can i come <day> <time>
can i come in <day> for <service>
can i come and see <staff> <day>
can i see <staff> <day>
can i see the dentist <day>
can i get a slot <day>
can i get <day> <time>
can i get something with <staff>
can i get a session <day> please
can i get my hair done <day>
can i have <time> <day>
can i have an appointment <day>
can i have <staff> <day>
can i book <day>
can i book for <day> <time>
can i schedule a <service>
can i do <day> <time>
can i do <service> again <day>
can i join the class <day>
can i try the class <day>
can you take me <day>
can you see me <day>
can you see us <day>
can you squeeze me in <day>
can you do <day>
can you do <day> <time>
can you do my hair <day>
can you do me a <service> <day>
can you put us down for <day>
can you put my daughter down for <service>
can you sign us up
can you book a <service> for my wife
can <staff> do <day> <time>
can <staff> take me <day>
can <staff> fit me in <day>
can someone see my dog <day>
can someone help me with my taxes <day>
can we have <service> <day>
may i come <day> <time>
may i book <service>
please book <service> <day>
please book me with <staff>
please book us in for <day>
please put me down for <day> <time>
please give me <day> <time>
please make an appointment for my mother
please reserve <places> <day>
please fit me in <day>
please schedule me for <day>
please find something for me <day>
please set up a <service> for <day>
please register my son for <service>
please get me in with <staff>
please note me for <day> <time>
put me in for <day>
put me down for <service>
put us in for <places> <day>
put my name down for <day>
book <service> <day> <time>
book <service> with <staff>
book a <length> <service>
book <places> for <service> <day>
book me an hour with <staff>
book me for <day>
book me the first free slot
book my son in <day>
reserve <places> for <day>
reserve me <day> <time>
schedule <service> for <day>
sign me up
sign me up for <day>
sign my daughter up for <service>
give me <day> <time>
give me an appointment <day>
give me the earliest you have
give me whatever you have <day>
get me an appointment with <staff>
get me <staff> for <day>
make me an appointment
make it <service> <day> <time>
i'll take <day> <time>
i'll take a <service> <day>
i'll take the next free one
i'll have <service> <day>
i'll come <day> <time>
i'll go with <staff> <day>
i'd take any slot <day>
i'd take whatever is free <day>
i'd prefer <staff>, <day>
i'd prefer <day> for a <service>
i'd love to come <day>
i'd love a <service> <day>
i'd love to get in with <staff>
i'd like <staff> to do my hair <day>
i'd like <staff> <day> if possible
i'd like something <time>
i'd like a time <day>
i'd like a spot <day>
i'd like to come back <day>
i'd like to try <service>
i'd like to start lessons
i'd like to get my ears checked
i'd like to have my teeth looked at
i'd like to see a doctor
i'd like to see the same person as last time
i'd like my next <service> <day>
i'd like to be seen <day>
i'd like to be fitted <day>
i'd like to get started
i'd like the <length> <service> <day>
i'd like to bring my dog in <day>
i'd appreciate a slot <day>
i'd be happy with anything <day>
i'd be grateful for something <day>
i'm after an appointment <day>
i'm after a <service>
i'm looking for an appointment <day>
i'm looking for a <service> <day>
i'm looking to get a <service>
i'm looking to come <day>
i'm hoping for a slot <day>
i'm hoping to see <staff> <day>
i'm due for a <service>
i'm due a <service> <day>
i'm new and would like to come
i'm new and want to try a class
i'm in town <day> and need a haircut
i'm free <day> <time>, book me
i'm only here until <day> and need a <service>
i was hoping to come <day>
i was hoping you could see me <day>
i was told to come back <day>
i was told to get a <service>
i was thinking of <day> <time>
i was wondering if i could come <day>
i wonder if you could see me <day>
it's time for my <service>
it's been a year, i should have my <service>
it's for my father, <service> <day>
it's my first time, <day> <time>
looking for <service> <day>
looking for a slot with <staff>
looking to book <places>
hoping to get <service> <day>
hoping for <day>
wanting a <service> <day>
need <service> <day>
need <staff> <day>
need a slot <day>
need to come in <day>
need to get a <service>
want <service> <day> <time>
would <day> work for <service>? if so book me
would like to book <day>
would love <service> <day>
would it be possible to book <day>
would it be possible to see <staff> <day>
would it be possible to come <time>
would it be ok to come <day>
would you have me <day>
would you book me for <day>
would you kindly fit me in
is it possible to come <day>
is it possible to book <service> <day>
is it possible to have <service> <day> <time>
is it okay if i come <day>
is it ok if i come for a <service> <day>
any chance to get a <service> <day>
any chance you could see me <day>
anyone who can see me <day>
whoever is free, <day> <time>
whatever you have <day>
<service> <day>
<service> <day> <time>
<service> <day> please
<service> with <staff>
<service> with <staff> <day> <time>
<service> for my son
<service> for two
<service> for <places>
<service>, <length>, <day>
<service> please
<length> with <staff> <day>
<length> <service> <day>
<length> <service> with <staff> <day> <time>
<places> for <day>
<places> for the class <day>
<day> <time> for <service>
<day> <time> with <staff>
<day> <time> please, <service>
<staff> <day> <time>
<name>, <phone>, <service> <day>
<name> here, <service> <day> <time>
hi <name> here i'd like <service> <day>
this is <name>, i need an appointment
this is <name>, could i come <day>
my name is <name> and i want to book
my name's <name>, <service> with <staff> <day>
same again, <day>
same as last time, <day>
the usual, <day> <time>
the usual please
another <service> <day>
another appointment please
one more <service> <day>
one ticket for <day>
one for <day>
i want the same again <day>
and one for my husband
and a <service> for my daughter
ok then <day> <time>
ok <day> <time> then
alright, i'll book <day>
great, book me in
fine, let's do <day>
let's do <day> <time>
let's say <day> <time>
let's go with <day>
let's book <service>
yes please book <service> <day>
then <day> with <staff>
then book me a <service>
then a <service> <day> <time>
so can i have <day>
wedding is <day> so i need my hair done before
i fly <day> and need a <service> before
before <day> i need a <service>
do me a <service> <day>
fix me an appointment <day>
arrange a <service> for <day>
plan me in <day>
slot me in <day>
squeeze me in <day>
pencil me in <day>

= move
can i move my appointment
can i move my appointment to <day>
can i move my <service> to <day>
can i move it to <day>
can i move from <day> to <day>
can i move <day> to <day>
can i change my appointment
can i change my appointment to <day> <time>
can i change my <service> from <day> to <day>
can i change the time
can i change the day
can i change it to <staff>
can i change from <staff> to <staff>
can i swap <day> for <day>
can i swap my <service> to <day>
can i switch to <day>
can i switch to <staff>
can i come <day> instead
can i come <time> instead of <time>
can i come earlier
can i come later <day>
can i come a bit later
can i come an hour earlier
can i come another day
can i have an earlier appointment
can i have a different time
can i have a later slot than the one i've got
can i postpone
can i postpone my <service>
can i push my appointment
can i reschedule
can i reschedule for <day>
can i bring my appointment forward
can i put off my <service>
can i make it <day> instead
can i do <day> rather than <day>
can i take <day> in place of <day>
can we move my <service>
can we move <day> to <day>
can we make my <day> one <day>
can we do <day> instead
can we do <day> instead of <day>
can we shift it to <day>
can we push it back a week
can we postpone to <day>
can we reschedule my <day> appointment
can we change my <day> <time> to <time>
can we find another time for my <service>
can you move me to <day>
can you move my appointment
can you move my <service> <shift>
can you move it up
can you move it back
can you move us from <day> to <day>
can you change my booking
can you change me to <day>
can you change my slot to <time>
can you put me on <day> instead
can you put my <service> on <day> instead
can you put it back by an hour
can you push it to <day>
can you shift me to <time>
can you give me another day
can you give me a later time
can you switch my <day> to <day>
can you switch me over to <staff>
can you swap my <service> with <staff> for one with <staff>
can you reschedule my <service>
can you rebook me for <day>
can you bump my appointment to <day>
can my appointment be moved
can my appointment be <day> instead
can my appointment be <time> instead of <time>
can my <service> be changed to <day>
can my <service> be on <day>
can my <day> appointment be later
can my <day> appointment be with <staff> instead
can <staff> do my <day> appointment instead of <staff>
could i move my <service>
could i move it
could i come <day> instead
could i come <time> instead
could i shift my <service> to <day>
could i change my <day> visit
could i possibly have <day> in place of <day>
could we make it <day>
could we make it later on <day>
could we change my appointment to <day>
could you move my <day> <service> to <day>
could you change my <service> to <time>
could you postpone my <service>
could you reschedule me
could you find me another slot, i can't come <day>
could my <service> be earlier
could my lesson be <day> instead
could mine be <time> instead
i want to move my appointment
i want to change my appointment
i want to change my booking from <day> to <day>
i want to reschedule
i want another time for my <service>
i want <day> instead of <day>
i want to come <day> instead of <day>
i want my <service> on another day
i need to move my appointment
i need to move <day>
i need to move my <day> <service> to <day>
i need to change my <service>
i need to change the time of my appointment
i need to reschedule my <day> <service>
i need to postpone
i need to push my <service> to <day>
i need to come earlier than planned
i need a later time <day>
i need a different day for my <service>
i need to swap my appointment
i have to move my <service>
i have to change <day>
i have to reschedule
i have to reschedule our <service>
i have to push back my <service>
i have to be at work <day>, can we do <day>
i have an appointment <day>, can i change it
i have an appointment <day> and would like <day> instead
i have <service> <day> but need another day
i have <service> at <time>, can it be later
i've got <time> <day>, could it be <time>
i'm booked <day> but i'd rather come <day>
i'm booked with <staff>, can i have <staff>
i'm down for <day>, could that be <day>
i'd like to move my <service>
i'd like to move it to <day>
i'd like to change my appointment
i'd like to change to <day>
i'd like to change to <staff>
i'd like to reschedule for <day>
i'd like to reschedule my <service>
i'd like to postpone my visit
i'd like to put off my <service> until <day>
i'd like to bring my <service> forward
i'd like to bring it forward to <day>
i'd like to come later on <day> than booked
i'd like another day for my appointment
i'd like <day> rather than <day>
i'd like my <day> slot to be <time> instead
i'd rather come <day> than <day>
i'd rather have <day>
i'd rather see <staff> than <staff>
i'd prefer to come <day> instead
i can't do <day>, can we do <day>
i can't do <time>, is <time> ok
i can't make <day>, how about <day>
i can't make <day>, can i come <day>
i can't make it <day>, could we find another day
i can't make my <service> <day>, what else do you have
i can't come <day> but i could come <day>
i can't get there by <time>, could it be <time>
i won't make <time>, can it be <time>
i won't make it <day>, could i come <day> instead
<day> doesn't work anymore, can we do <day>
<day> is bad for me, do you have another day for my <service>
<day> won't work, please move it
<day> is no good after all, can i come <day>
<time> is too early, can we make it <time>
<time> is too late for me, could it be <time>
something came up <day>, can we move it
something has come up, can i come another day
my plans changed, can i come <day> instead
my meeting got moved, can i come <time> instead of <time>
my train is late, could my <time> be <time>
my shift changed, i need another time for my <service>
my appointment <day> needs to be moved
my appointment <day>, can it be later
my appointment <day> should be <day>
my <service> <day> has to change
my <service> <day> to <day> please
my <day> <time>, could it become <day>
move my appointment
move my appointment to <day>
move my <service> to <day> <time>
move me to <day>
move it to <day>
move <day> to <day>
move us to <time>
change my appointment
change my appointment to <day>
change my <service> to <time>
change <day> to <day>
change the time to <time>
change <staff> to <staff>
reschedule
reschedule my appointment
reschedule my <service> for <day>
reschedule me for <day>
postpone my <service>
postpone it by a week
postpone to <day>
push my <service> <shift>
push it back <shift>
push back my <day> appointment
put my appointment off till <day>
put my <service> on <day> instead
shift my <service> to <day>
shift it <shift>
swap my <day> for <day>
switch my <service> to <day>
switch me to <staff>
bring my <service> forward
bring forward my appointment to <day>
bring my <day> <service> <shift>
make my <day> appointment <day>
make it <day> instead of <day>
make my appointment <shift>
make my <service> <length> in place of <length>
make my <day> <service> <length>
please move my appointment
please move my <service> from <day> to <day>
please change my appointment to <day>
please change my booking to <staff>
please reschedule me
please reschedule my <service> to <day>
please postpone my <service> by a week
please give me another day for my <service>
please put me with <staff> instead of <staff>
would it be possible to move my <service>
would it be possible to come <day> instead
would it be possible to change my appointment
would <day> be possible instead of <day>
would you move my <service> to <day>
would you mind moving my appointment
is it possible to move my appointment
is it possible to reschedule
is it possible to change <day> to <day>
is it possible to come earlier than my booking
is it possible to push my <service>
is there any way to move my <service>
is there any way i could come <day> instead
is there an earlier slot than mine
is there anything earlier than my <day> appointment
do you have anything earlier for my <service>, i'd like to move it
do you have another time for my <day> <service>
what about <day> in place of <day>
how about <day> instead
how do i change my appointment
how can i reschedule
any chance to move my <service>
any chance of an earlier time for my <service>
need to move my <service>
need to reschedule
need to change my <day> appointment
want to move <day> to <day>
want to reschedule
wanna change my slot
cancel <day> and give me <day> instead
cancel my <day> one and make it <day>
take me off <day> and put me on <day>
i booked <day> by mistake, it should be <day>
i booked the wrong day, i meant <day>
i booked for <day> but meant <day>
i accidentally chose <time>, i need <time>
i said <day> but i need <day>
i'd like <length> instead of <length>
i'd like to make my <service> longer
can i extend my <service> to <length>
can i shorten my appointment
can i upgrade to the <length>
can i turn my <service> into a <service>
can my <day> <service> be a <service> instead

= cancel
cancel my appointment
cancel my <service>
cancel my booking
cancel <day>
cancel <day> please
cancel it
cancel it please
cancel everything
cancel all my appointments
cancel both
cancel the <service> <day>
cancel my <time>
cancel my <day> <time>
cancel my session with <staff>
cancel our <service> <day>
cancel the class <day>
cancel my place in the class
cancel my spot <day>
cancel us for <day>
please cancel
please cancel <day>
please cancel my appointment
please cancel my <service> <day>
please cancel the booking for <name>
please cancel everything i have booked
please cancel for my daughter
please delete my booking
please remove me from <day>
please take me off the list
please take my name off <day>
please scrap my <service>
please free up my slot <day>
please give my slot to someone else
please strike me off for <day>
can i cancel
can i cancel my appointment
can i cancel my <service> <day>
can i cancel my class
can i cancel please
can you cancel my appointment
can you cancel <day>
can you cancel my <service> with <staff>
can you cancel it for me
can you take me off <day>
can you take me out of the class
can you delete my appointment
can you remove my booking
can we cancel <day>
can we cancel the lesson
could you cancel my <service>
could you cancel my visit <day>
could you cancel that for me
could you take us off <day>
could i cancel my <day> slot
could i get out of my <day> appointment
i want to cancel
i want to cancel my <service>
i want to cancel my appointment <day>
i want to take back my booking
i want out of the class
i need to cancel
i need to cancel <day>
i need to cancel my <service>
i need to cancel for <day>
i need to cancel my <time> with <staff>
i need to drop my <service>
i have to cancel
i have to cancel my appointment
i have to cancel <day>
i have to cancel my <service> <day>, i'm ill
i have to call off <day>
i have to give up my place <day>
i have to pull out of the class
i must cancel <day>
i should cancel my <service>
i'd like to cancel
i'd like to cancel my appointment
i'd like to cancel my <service> <day>
i'd like to withdraw from the class
i'd better cancel <day>
i'm cancelling my <service>
i'm cancelling <day>
i'm not coming <day>
i'm not coming anymore
i'm not going to make it <day>
i'm not able to come <day>
i'm not able to attend <day>
i'm unable to come <day>
i'm unable to make my <service>
i'm sick and can't come <day>
i'm ill so i won't come <day>
i'm in hospital and can't come <day>
i'm stuck abroad and won't be there <day>
i'm afraid i can't come <day>
i'm afraid i won't be there
i'm sorry but i can't come <day>
i'm going to have to cancel
i'm having to cancel my <service>
i can't come
i can't come <day>
i can't come to my <service>
i can't come to the class <day>
i can't come anymore
i can't make it
i can't make it <day>
i can't make it to my appointment
i can't make my <service>
i can't make <time>
i can't be there <day>
i can't attend <day>
i cannot come <day>
i cannot make my appointment <day>
i won't come <day>
i won't be coming <day>
i won't be there <day>
i won't make it <day>
i won't be able to come <day>
i won't be able to make my <service>
i won't need my <service>
i won't need the appointment <day>
i don't need my appointment anymore
i don't want my <service> anymore
i don't want to come <day> anymore
i no longer need my appointment
i no longer want the <service>
i've changed my mind about <day>, cancel it
i've changed my mind, i don't want the <service>
i've decided against the <service>
i've decided not to come
i've got the flu and can't come <day>
i've got covid, have to cancel
i got sick, can't come <day>
i found somebody else so cancel my <service>
we can't come <day>
we can't make it <day>
we won't make it <day>
we need to cancel
we have to cancel our <service>
we're not coming <day>
we are unable to come <day>
my son can't come <day>
my son is ill, he can't come to his lesson <day>
my daughter won't be at <service> <day>
my mother can't make her appointment <day>
my husband can't come <day>, please cancel
my car broke down, i won't be there <day>
my flight is cancelled so i can't make <day>
my kid is sick, cancel <day>
something came up, i can't come <day>
something came up and i have to cancel
sorry, can't come <day>
sorry i can't make it <day>
sorry, have to cancel <day>
sorry but i won't be there <day>
unfortunately i can't come <day>
unfortunately i have to cancel
unfortunately my <service> <day> won't work out
won't be there <day>
won't make it <day>
can't come <day>
can't make it <day>
can't make <day>
not coming <day>
no longer coming <day>
need to cancel
need to cancel <day>
have to cancel <day>
want to cancel my <service>
gotta cancel <day>
delete my booking
delete <day>
remove my appointment <day>
scrap my <service>
scrap <day>
drop my <day> <service>
drop the <service>
forget my <service>
forget <day>
forget my <day> booking
undo my booking
undo my booking for <day>
undo the appointment i made
annul my appointment
call off my <service>
call off <day>
kill my <day> appointment
nix <day>
void my booking
take me off <day>
take me off the schedule
take me out for <day>
take my name off the list
take us off the list <day>
get rid of my <day> appointment
release my slot <day>
free my slot <day>
let somebody else have my slot <day>
give away my slot <day>
you can give my <time> to someone else
how do i cancel
how can i cancel my appointment
what do i do to cancel
i booked twice, delete one
i booked by mistake, please cancel
it was a mistake, cancel it
the problem is gone, i don't need to come
the pain is gone so i don't need <day>
it fixed itself, no need for <day>
it's better now, you can cancel my <service>
he's better, so cancel his appointment <day>
would you cancel my <service>
would you please take me off <day>
would it be possible to cancel <day>
is it possible to cancel my <service>
is it too late to cancel <day>
= book
could <staff> look at my bike <day>
could <staff> look over my papers <day>
could <staff> do my nails <day> <time>
could <staff> cut my hair <day>
could you see my mother <day>
could you strap my ankle <day>
could you do my lashes <day>
could you check my ears <day> <time>
could somebody see to my tooth <day>
could somebody take my son <day>
can <staff> line me up <day>
can <staff> do <service> for me <day>
can <staff> see my daughter <day> <time>
can my son come <day> for <service>
can my daughter join the class <day>
can my wife come <day> <time>
can my dad have <service> <day>
can i drop in <day> for <service>
can i pop in <day> <time>
can i start lessons <day>
can i come back <day> for a follow up
can i come for a check <day> <time>
can i get my teeth cleaned <day>
can i get my watch fixed <day>
can i get someone to look at my roof <day>
can somebody fix my heel <day>
can somebody trim my dog <day>
can you book us in <day> <time>
can you check my eyes <day>
can you reserve two seats <day>
would <staff> see me <day>
would <staff> be able to do my hair <day>
would you see my son <day>
would you be able to fit me in <day>
would it be possible to have my car done <day>
would it be possible to get new soles made <day>
would there be a possibility to get it done <day>
only <day> or <day> would do for my <service>
only <day> works for me, <service>
i can only come <day> or <day>, <service> please
i can only do <day>, book me for <service>
i'm away until <day>, so <service> after that
i'm travelling, so <service> <day> please
my husband and i want to come <day>
my husband and i want <service> together
my sister and i would like <service> <day>
my friend and me want to join <day>
my dad died and i need help with his papers <day>
my mother needs help with her papers
my son failed maths and needs lessons <day>
my daughter would love to learn the flute
my bike needs new brakes before <day>
my hearing aid whistles, can i come <day>
my glasses are bent, can i come by <day>
my nails are a mess, <day> <time>?
my back hurts, <service> <day>
my back's been bad for weeks and i'm new
my shoulder hurts and i've never been to you
my ears are blocked, <day> please
my tooth hurts, when can i come in, today if possible
i'm new here and my knee hurts
i'm new to you and need <service>
i hurt my back and need someone
i have pain in my hip and need an appointment
i've got a bad back, who can see me
i've got a cavity, i need someone
i need physio
i need a dentist
i need an optician
i need my eyes done
i need a lawyer, <day>
i need help with my taxes <day>
i need to get my dog groomed before <day>
i need to get fitted for <day>
i want to come for my eyes
i want to learn the piano
i want to get my ears cleaned
i want to get rid of the pain, book me
i want my hair coloured <day>
i want my son tested
i want a woman, <service> <day>
i want <staff>, <day> <time>
i'd like help with my back
i'd like my wife to see <staff> <day>
i'd like us both to come <day>
i'd like to sign up my kids
i'd like to do the class <day>
i'd like to reserve two places <day>
hour with <staff> <day>
an hour and a half with <staff>, any morning
any morning with <staff>
any afternoon <day> for <service>
any day for <service>, mornings
any time <day>, <service>
first slot <day> please
earliest <service> please
next free <service> please
<service> for me and my husband <day>
<service> for my mother <day> <time>
<service> with a woman <day>
<service> with whoever <day>
<service> again <day>
<service> before <day>
<service>, <staff>, <day>, <time>
<service>, any day <time>
<service> or <service>, <day>
<service> and <service> <day>
the long <service> <day> please
the short one <day>
let me have <day> <time>
let me have a <service> <day>
let me come <day>
make it <day> then
make an appointment for <service>
i take <day>
we'll take <day> <time>
we'll come <day>
we'd love <service> <day>
we are four and want the class <day>
we need a table, i mean two seats in the class <day>
put us on the list for <day>
put my son in for <day>
put my wife and me down for <day>
get my dad in <day>
get us in <day>
get me an hour <day>
have <staff> see me <day>
have you got <day> <time>? i'll take it
if <day> is free i'll take it
if there's room <day> book me
ok book it
ok let's book <day>
great, <day> <time> then please
good, then <service> <day> <time>
fine, <service> then, <day> at <time>
then i'd like <service> <day>
alright put me down

= move
would <staff> take over my appointment
would <staff> take my <day> slot instead of <staff>
could <staff> do it instead of <staff>
could <staff> take my <service> instead
my meeting clashes with my <service>, find me another time
my exam is that day, can we find another for my <service>
my flight is that morning, move my <service>
my <service> clashes with work, what else is there
my boss needs me <day>, can i come another day
i have to work then, another time for my <service> please
i've a clash <day>, can we find something else
i'm stuck at work, can we do <time> instead
i'm stuck in a meeting, is <time> possible
i can't get away at <time>, is <time> free
i can't get out of work at <time>, could we do <time>
is <time> possible instead
is <time> possible rather than <time>
is there another day for my <service>
is it possible to come half an hour sooner
is it possible to come half an hour later
is it possible to come a bit earlier <day>
is it possible to have another person
give me another day for my <service>
give me <day> instead
find me another slot <day>
find another time for my <day> one
slide my <time> to <time>
slide it over to <day>
bump me to <day>
bump it <shift>
put me later <day>
put it off a week
put back my <service> a week
put my <day> <time> on <day>
delay my <service> <shift>
delay it by a day
let's move it to <day>
let's push it to <day>
let's make it <day> instead
make my <time> a <time>
same day but later please, my <service>
same time but <day> for my <service>
i want an earlier time <day>
i want to come earlier <day> than i booked
i want to see <staff> instead of <staff>
i want to swap <day> with <day>
i want to have my <service> on <day> in place of <day>
i need my <service> earlier
i need my <service> on another day
i need another day than <day>
i'd like another time than <time>
i'd like to swap my <time> for something later
i'd like to come with my husband so another day please for my <service>
we have to shift our <service>
we need to change our <day> booking
we can't do <day> any more, <day> instead?
<day> instead of <day> for my <service>
<time> instead of <time> for my <service>
<day> is better than <day> for my appointment
<day> suits me better than <day>
<day> no longer works, what about <day>
the <time> is too early for me <day>, later please
the <time> slot <day> doesn't suit, another?
not <day> after all, <day>
my <service>, could it be <day>
my <service> with <staff>, can it be with <staff>
my appointment with <staff> should be earlier
my <day> appointment: later please
can my husband have my slot and i take another
can my son's lesson be moved
can my son's lesson be on <day>
can we swap the days of my two <service>
can we find another hour
can it be another day
can it be <day>
can it be <time> instead
could it be earlier
could it be with <staff>
could it be <day> in place of <day>
rebook my <service> for <day>
rebook me <day>
cancel and rebook for <day>
cancel my <service> and give me <day>

= cancel
won't need it
i won't be there after all <day>
i'd better not come <day>
i'd rather not come <day>
i'm running a fever so i won't come <day>
i'm running a temperature, cancel <day>
i'm coughing so i'd better stay home <day>
i'm not up to it <day>, please cancel
i'm feeling sick and should stay home <day>
i'm stuck, can't be there <day>
i'm giving up my place <day>
i have a fever and can't come <day>
i have another appointment, cancel <day>
i have to give up my spot <day>
i have to let <day> go
i had to go abroad, please cancel my <service>
i found another dentist, cancel me
i moved away, cancel everything
i never booked that, delete it
i not coming <day>
i'm no longer coming for my <service>
i don't think i can come <day>, please cancel
my plans changed, no <service> <day>
my knee is fine now, cancel <day>
my ride fell through, i can't come <day>
my kids are sick so no lesson <day>
our trip got in the way, cancel <service>
we won't need the <service> after all
we are not able to make it <day>
we want to call off the lesson <day>
the baby came early, please cancel <service>
the dog is fine again, cancel <day>
the car is sold, cancel the <service>
he won't be coming <day>
she can't come to her lesson <day>
she won't make it <day>
count me out <day>
count us out for <day>
leave out my <day> <service>
lose my <day> booking
pull me out of the class
pull my name from <day>
take me out of the <day> class
take my daughter off the list
take out my <service>
take my <service> out of the book
strike my <day> appointment
skip my <service> <day>
stop my booking
withdraw my booking
please undo my booking
please void my <time>
please drop us from <day>
please forget my <service>
no <service> for me <day> after all
no need for my <service> anymore
not needed anymore, my <service>
kindly cancel my <service>
kindly remove my booking
= book
my eyes are dry all the time
my skin itches all the time
my ears ring all day
my teeth are sensitive
my gums bleed
my neck is stiff
my engine makes a noise
my hair is dry
i think i've lost a crown
i think i've broken a tooth
i think i've pulled something
i think i need new glasses
i've lost a filling
i keep getting headaches
can <staff> do <day> at <time>
can <staff> do <day>, <time>
could <staff> do <day> <time>
= book
my jacket is torn
my coat is ripped
my trousers split
my watch is broken
my shoe came apart
my boots leak
my chain broke
i've ripped my best trousers
i've torn my dress
i've broken my clasp
i need <service>, not <day>, the sooner the better
i need <service> some time this week
any evening <day> for <service>
any morning <day> for a <service>
what you mended is still too long, can <staff> look at it <day>

= move
the time is too early, can i come later
my meeting runs over, could i come <time>
my class runs long, can i come at <time>
is <time> free instead

= cancel
the appointment with <staff>, could i cancel that
the <service>, can i cancel it
my <service>, i'd like to cancel that
= book
(can|could|may) <places> come along (to|for) (a|the) <service>( <day>|)
might <places> come to the <service>
(can|could) (we|they|my parents|my friends and i) (all |both |)come (along |)to the <service>( <day>|)
(we|<places>) (both |all |)(would like|want) to (join|come to) the <service>
someone to (look at|teach|help|treat) my (mum|father|wife|son|nan), <day>
someone should (look at|see) my (knee|tooth|cat|hair), <time> if possible
i (fancy|feel like) (a|the|trying a) <service>( <day>|), when (can|could) i (come|go)
(we're|i'm) (over|here|staying) <day> and (fancy|would like|would love) (a|the) <service>
please (enter|put down|add) my (kids|twins|daughter|boys) for the <service>
my (son|daughter|mum) (wants|would love) to join the <service>
can my (boy|girl|little one|nephew) (do|join|try) the <service> <day>
a <service> for (<places>|two of us|all of us), <day>
could you (have|take) me for a <service> while i'm (over|here|in town)
= move
the <service> can wait(, make it| until| till) <day>
<day> (looks|is) too (cold|hot|busy|tight) for (it|us), let's (make it|say) <day>
let's (do|make) (it|the <service>) <day> (then|instead|after all)
<day> is too early for me, <time> (is|would be) better
<time> suits me better than <time>
i'm on call <day>, so <day> would be (safer|better|easier)
my (plane|train|ferry) (lands|arrives|gets in) late <day>, (another|some other) (morning|day|time) would be (better|good)
i can't do <day> any more but <day> (is|works|would be) (ok|fine|good)
<name> can't come <day>, (could|can) (he|she|we) have <day>
put (it|my <service>) off (by a week|until <day>|for a while)
could the <service> be (sooner|brought forward)
i've been called away, could the <service> be <day>
= cancel
(we|i) won't be (coming|needing the <service>)( after all|)
i (can't|cannot) come <day> and (i |)don't (need|want) (another|a new) (one|appointment|date)
(strike|cross|take) my <service> off( your list|)
i'm (giving up|stopping|quitting) (it|the lessons), so (please |)cancel (what|whatever) (i've got|i have|there is)
we're moving (away|abroad), (please |)cancel (all|both|everything)
(leave|keep) <day>, cancel <day>
keep (only|just) the <service>(, the (rest|others) can go|)
= book
the <service> <day> please, (best|ideally) <time>
`;
