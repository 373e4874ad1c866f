/** What people say when they do not use the plain words: of many trades, long and short, careful and careless. */
export const SAID = String.raw`
= book
i was told to come back in a fortnight
my dentist wants me back every six months so here i am
time for my check again
it's that time of year again, i need my <service>
it's been a while, i should get my <service> done
i'm overdue for a <service>
can you take a look at my exhaust <day>
could one of you have a look at my ankle
would you be able to take me on as a new patient
are you taking new clients, i'd like to start
i'd love to give the <service> a go
i want to try the <service>
let me have the <service> then
go on, put me in for <day>
stick me down for <time>
throw me in anywhere <day>
chuck me in the diary for <day>
whatever you've got <day> i'll take
i'll take anything before <day>
i'll have the <length> one <day>
i'd take a <time> if there is one
i'd be grateful for a <service> at your earliest convenience
i should like to arrange a <service>
we would like to arrange a time to come in
kindly schedule me for <service>
kindly arrange a <service> <day>
please find me a time <day>
please find room for me <day>
please see to it that i get a <service> <day>
please pop me in <day>
requesting a <service> <day>
enquiring about a booking for <day>
hoping to bring my son in <day>
hoping you can see me <day>
hoping to come by <day>
looking to come in <day>
looking to get my brakes done
looking to get in with <staff>
thinking of coming <day>, put me down
my usual <service> please
my wife's car needs its service
my daughter has an ear infection and needs looking at
my lad needs his hair cut before school
my dad can hardly walk, can somebody see him
my mum's hearing aid whistles, could i bring her <day>
my cat stopped eating, i need to bring her in
my puppy needs his jabs
my boiler's playing up, could somebody come <day>
my glasses are bent, could you straighten them <day>
my ring needs making smaller
my guitar wants new strings
my hair's a disaster, help
my roots are showing
my beard is out of hand
my shoulder went pop at the gym
my knee gave way on the stairs
my elbow's been bothering me for weeks
my toenail has grown in
my wrist clicks and hurts
my hip keeps me awake
i slept funny and can't turn my head
i can't lift my arm
my (dad|mum|mother|father|husband|wife|gran|granny|uncle|neighbour) can't (reach his feet|reach her feet|reach her toes|bend down|bend his back|bend her knee|turn his head|turn her neck|straighten her leg|straighten his finger|lift her arm|raise his arm|lift his shoulder|get up the stairs|climb stairs|open jars|do up his buttons|do up her bra|tie his shoes|put her socks on|sit for long|walk far|sleep on that side|kneel|get out of the bath|get out of a chair)(| any more| these days| properly| very well| without help| since <day>| since the winter| and it's getting worse)
(he|she) can't (bend down|turn his head|turn her head|reach her feet|lift her arm very high|walk far|kneel|sit for long) (any more|these days|since <day>|without it hurting)
(my dad|my mother|my gran|he|she|my son|i) (fell|had a fall) (last week|<day>|a while ago|at the weekend|off the bike) and (his knee is swollen|her wrist hurts|my shoulder is sore|can't walk far now|still limps|it isn't getting better|has been stiff since)
my (dog|cat|mother|father|son) (can hardly|can barely|struggles to|has trouble to|finds it hard to) (walk|get up|climb the stairs|jump up|bend down|sit|lie down|turn|chew|see|hear)(| any more| these days| since <day>)
i did my back in lifting boxes
i put my back out
i came off my bike and my shoulder hurts
i've a tooth that needs pulling
i've an exam soon and need lessons
i've got a wedding <day> and need my hair done
i've got a flight <day>, can you see me before
could you squeeze in a <service> <day>
could you fit two of us in <day>
could we both come <day>
could we come together, my sister and me
could i be seen <day>
could i be seen by <staff>
could i drop the car off <day>
could i drop in <day> for a <service>
could i nab a slot <day>
could i get my nails done <day>
could i have <staff> <day>
might i come <day>
might there be a chance to come <day>, i'd take it
may i come in for a <service> <day>
may i have <time> with <staff>
any chance of squeezing me in <day>
any chance you could do my <service> <day>
any way i could be seen <day>
is it possible to come in <day> for <service>
is it possible to see <staff> <day>
would it be possible to have a <service> <day>
would you book me a <service> <day>
would you put me down for <service>
when you have a moment, book me a <service>
if <staff> is free <day> i'd like to come
if you have something <day>, book it for me
if there is a <time> left i want it
if possible <day>, <service> please
<service>, as soon as you can
<service> <day> if you've got it
<service> for my mother <day> please
<service> for me and my brother
<service> with anybody <day>
<day> or <day> for a <service>
<day> would suit me for the <service>
<day> works for me, <service>
<time> <day> for <service>, name is <name>
one <service> please
one more <service> please
same <service> for my husband
two for the <service> <day>
a <length> <service>
a <length> <service> with <staff>, whenever
the shorter <service> <day>
another <service> in two weeks
another visit with <staff>
new client here, i'd like a <service>
new patient, my back
first timer here, i'd like to come <day>
never been before but i want to start <day>
i've never done this before, how do i book a <service>
how do i get an appointment
how do i sign up for the <service>
how can i book
where do i book
who do i talk to about booking a <service>
who can do my hair <day>, book me in with them
i want in on the <service> <day>
i want a turn <day>
i'd better come in
i think i should see <staff>
i think it's time for a <service>
i guess i need a <service>
i suppose i'd better have a <service>
i'd rather have <staff> do it <day>
i'd like <staff> to do my <service> <day>
i'd like <day> with <staff>
i'd like to see you people <day>
i'd like to get this looked at
i'd like to bring my dog in <day>
i'd like to bring the kids <day>
we're in town <day>, could we come
we're getting married and would like a trial <day>
we're three, <service> <day>

= move
(i'd|we'd|i would) (prefer|rather have|sooner have|like) <staff> (instead of|rather than|and not|over) <staff>(| for my <service>| for that), <name>, <phone>(| please)
(i|we) can't do <day>(| now| after all| any longer)
(i'm|this is) <name>, <phone>, (i|we) can't do <day>
(i'd|we'd) like (my|our) (appointment|visit|booking) (a bit earlier|a little later|sooner|moved|at another time) (that day|the same day|<day>)
<day> is no longer good, what else do you have for me
<day> has become impossible, could it be <day>
<day> clashes with something, can it go to <day>
<time> clashes with school, anything later for me
<time> is going to be tight, could you make it <time>
my <day> one needs to be <day>
my <service> needs to be another day
my <service> <day> should be <day>
my <service> has to be earlier
my shift got changed, so <day> is out, <day> would do
my boss needs me <day>, so can we do <day>
my train only gets in <time>, could it be after that
my babysitter fell through, can we do it <day>
my lift can't make it until <time>, is that still alright
i mixed up the days, it has to be <day>
i got the day wrong, i need <day>
i put myself down for the wrong day
i said <day> but i need <day>
i booked <day> by mistake, i need <day>
i'm down for <day> but <day> would suit better
i'm in <day> but could do with <day>
i've <time> booked, is there anything later
i've got <time> and would rather <time>
i have <day> and want <day>
i have a <service> <day>, can it be with <staff>
i have to be somewhere <day>, could i come <day>
i have to work late <day>, so later please
i'd sooner come <day> than <day>
i'd like mine a week later
i'd like to put it back a week
i'd like it brought forward to <day>
i'd like to come a little earlier than we said
i'd like to come <time> and not <time>
i'll be away <day>, could i have <day>
i'll never make <time>, <time> would be better
i won't be out of work by <time>, can it be <time>
i can do <day> but not <day> after all
i can only do <day> now
i can only make <time> now
it would have to be <day> after all
it needs to be a different day i'm afraid
it turns out <day> is better
it'd be easier <day>
let's do <day> for my <service> after all
let's make mine <day>
let's push it out a week
let's put it off until <day>
could mine be <day>
could mine go to <day>
could mine be with <staff>
could we put <day> back to <day>
could we leave it until <day>
could we swap <day> for <day>
could you shunt me to <day>
could you shuffle me to <day>
could you slide me to <time>
could you find me another day for my <service>
could you give my <day> to somebody and find me another
could <staff> see me <day> in place of <day>
can you do me <day> in place of <day>
can you put me later that day
can you put my <service> to <day>
can you put us on a different day
can i trade my <day> for <day>
can i trade <time> for <time>
can i go <day> in place of <day>
can i come a day earlier
can i come a day later
can i come the day after in place of it
can i be seen sooner than <day>
can i get in any sooner than <day>
is there any way to get in sooner than <day>, i'm booked then
is there an earlier one than mine
is there something before my <day> one
anything sooner than what i have
anything earlier than my <day> <time>
if something comes free before <day> i'd take that for mine
different day please, for my <service>
different time for mine please
wrong day, i need <day>
wrong time, i need <time>
new time for my <service> please
need a new date for <service>
need to come <day>, not <day>
need <staff> and not <staff> for my <service>
please make my <service> <day>
please put me on <day>
please give me <day> and take <day> away
please change me over to <staff>
please change <day> for <day>
sorry, <day> won't do any more, <day>
sorry to be a pain, could it be <day>
sorry but can we do another day
something came up, can we find another time
something's come up <day>, can i have a different day
stuck in traffic, can i come half an hour later
running late, can we make it <time>
the <day> slot doesn't work any longer, <day> would
the time you gave me is no good, what about <time>
the kids are off <day>, so <day> would be better
what are my options if i can't do <day>
what else have you got in place of my <day>
when else could i come, <day> is bad now
where else could you put me, <day> fell through

= cancel
<day> is off
<day>'s off i'm afraid
<day> won't be happening
the <service> <day> won't be happening
we won't be there <day>
we won't be needing <day>
we shan't be coming
i shan't be there <day>
i shan't need the <service>
i'm out for <day>
i'm not going ahead with the <service>
i'm not going to bother with <day>
i'm not up to it <day>
i'm not well enough to come <day>
i'm too ill to come
i'm in hospital so <day> is off
i'm stuck abroad and will miss <day>, no need to keep it
i've found somebody else, so you can drop my <service>
i've found someone closer to home, no need for <day>
i've gone elsewhere
i've got better on my own, you can have the <time> back
i've changed my mind about <day>
i've changed my mind about the <service>
i've decided against it
i've decided not to have the <service>
i'd rather not come <day> after all
i'd rather not go through with it
i'd like my <day> taken out
i'd like to give up my slot
i'd like to let go of <day>
i'd like to withdraw my booking
i have to pull out of <day>
i have to drop out of the <service>
i have to let <day> go
i have to give <day> a miss
i need you to take me off <day>
i need to not come <day>
i need to back out
i no longer have the car, so no <service> needed
i don't need <day> any more
i don't want the <service> any more
i don't think i'll be coming <day>
i don't think we need the <service>
it's healed, i don't need to come <day>
it's better now, so you can free up <time>
it's fixed already, no need for <day>
my pain is gone so you can give <day> away
my dog died, so we won't be coming
my mother passed away, she won't need the <service>
my daughter is sick so she can't come <day>
my husband has a fever, he'll miss <day>
the car was sold, so scrap the <service>
the tooth is out, so <day> isn't needed
the wedding is off, so is the <service>
please free up my <time>
please give my slot to somebody else
please give <day> to someone who needs it
please strike me off
please strike my name off <day>
please do away with my <service>
please take <day> out of the book
please take us off the list <day>
please release my <time>
please don't expect me <day>
please don't keep <day> for me
don't hold <day> for me
don't wait for me <day>
don't expect us <day>
no need to keep my <time>
no need for <day> any longer
no longer coming <day>
no more <service> for me, thanks, take it out
can you take out my <day>
can you undo my booking for <day>
can you pull my <service>
can you get me out of <day>
can i get out of <day>
can i drop <day>
can i drop out of the <service>
can i hand back my <time>
can i give my place to someone else, i can't come
could you rub me out for <day>
could you remove <day>
could you free my slot <day>
both of mine can go
all of mine can go
all my bookings should come out
wipe my bookings
kill my <day>
bin <day> please
bin it
scratch <day>
forget my <day>
forget about my <service> <day>
leave out <day>
let <day> go

= ask-price
(i'm|we're|the house is) bleeding (money|cash) (at the moment|this month), what (do you charge|do you take) for a <service>
roughly what am i in for
roughly what would it come to
ballpark for a <service>
ballpark figure please
will it break the bank
can i afford it
what kind of money are we talking
what sort of price is a <service>
what's a <service> go for
what's a <service> worth at yours
what's it going to cost me
what's your going rate
what do i owe you for a <service>
what would i owe after a <service>
what would two of them come to
what would you charge my mother for a <service>
what would that be altogether
what does it all add up to
how steep is the <service>
how dear is it
how much dearer is the long one
how much cheaper is the short one
how much would i have to fork out
how much would <staff> charge for a <service>
how much would it be for the two of us
how much for a kid
how much for the first visit
how much extra for <length>
how much to have my brakes done
how much to get a ring made smaller
how much to groom a small dog
is the <service> more than the <service>
is <length> dearer than <length>
is it dearer on a weekend
is it per hour or per visit
is there a price for <length>
is there an extra cost for <staff>
is the first one free
is a <service> under fifty
does a <service> cost more for long hair
does the price go up with <length>
do you charge more on <day>
do you charge by the hour
do you charge for the first chat
do you have fixed prices
are your prices online
are prices per person
and the price of that
and that's how much
and for <length>
price check on <service>
prices please
cost please
cost of a first visit
fee for <service>
fees
your rates please
your cheapest <service>, how much
tell me what <service> costs
tell me the price before i decide
i want to know what i'd pay for a <service>
i need a figure for the <service>
i'm pricing up a <service>, what's yours
i saw eighty for a <service> somewhere, what's yours

= ask-service
what's a <service> when it's at home
what does a <service> actually do
what does a <service> do for you
what do you get with a <service>
what do you do to people in a <service>
what am i letting myself in for with a <service>
what's involved in a <service>
what's the point of a <service>
what's the longest <service>
what's so special about the <service>
what's good for dry hair
what's good for tired eyes
what would help with snoring
what would you do about a squeaky brake
what have you got for headaches
what have you got for little ones
what kinds of <service> are there
what all do you do
what else do you do
what should i put on for the <service>
what should i have with me
what do i need to have with me
what do people wear to the <service>
what shoes do i need for the <service>
do i need my own mat
do i need to bring my old glasses
do i need to shave before
do i need to eat before
do i have to undress for a <service>
do i have to be fit for the <service>
do i lie down for the <service>
do you do children
do you do men
do you do house calls
do you do beards
do you do weddings
do you do cats
do you do electric cars
do you fix screens
do you fix zips
do you handle old cars
do you treat dizziness
do you work on vans
do you work with babies
do you look after curly hair
do you cover feet as well
do you offer anything for teenagers
do you offer anything for bad sleep
do you have something for stress
do you have anything for beginners
does it hurt
does a <service> sting
does a <service> leave marks
does a <service> help against headaches
does the <service> suit older people
does the <service> work on thin hair
does the <service> come with a wash
does anybody do <service> there
does it take long
does the long one take <length>
can you do anything about dark rings
can you do anything for a bad hip
can you get red wine out of wool
can you make a key from a photo
can a <service> be done in <length>
can a child have a <service>
can pregnant women have a <service>
can i have a <service> with a cold
can i have a <service> after an operation
can i drive after a <service>
can i do the <service> with a bad knee
can i eat before the <service>
can i watch
could a <service> make it worse
could a <service> help me sleep
would a <service> help my headaches
would a <service> be too much for my nan
would a <service> suit a runner
would you do a <service> on a child
will it leave a scar
will i feel it afterwards
will i be sore after the <service>
will it help
will the <service> fix a slow drain
is the <service> just for women
is the <service> for all ages
is the <service> any good
is the <service> gentle
is the <service> done standing up
is <length> enough for a first go
is there a <service> for kids
is there a version for beginners
is there anything for a stiff jaw
is there something you'd do for tennis elbow
is it painful
is it loud
is it safe with a pacemaker
are there different kinds of <service>
are you any good with old clocks
how does the <service> go
how does it work
how often should i have a <service>
how often do people come for <service>
how many do i need
how many times would i have to come
how long am i there for
how long would i be in the chair
how long would it hold
how long does the effect last
how long before i see a difference
how is the <service> different from the <service>
how big is the class
how hard is the class
how gentle is it
which is better for stiffness
which one is for beginners
which one is longer
which one would you take for a sore neck
what's the difference between the two
i have a sore neck, which one is for that
i have thin hair, what would you do
i sit all day, what's good for me
i'm over seventy, can i still do the <service>
i'm pregnant, can i still come for the <service>
i'm a beginner, is the <service> alright
i'm scared of needles, is there something else
i've never had a <service>, what's it like
tell me how the <service> goes
talk me through the <service>
run me through what happens
give me an idea of the <service>

= ask-policy
what's your rule on late arrivals
what's your rule on dogs
what if i turn up late
what if i'm stuck in traffic
what if i don't like it
what if i'm allergic
what if it rains
what if nobody is there to let me in
what if i lose the voucher
what if my card is refused
what if i need to cancel on the day
what's the latest i can cancel
what's the latest i can change it
what's the notice for cancelling
what happens to my deposit
what happens to my data
what do i do with the form
what do you do with photos of us
what papers do i need
what payments are fine
what cards work
which cards do you take
which insurers do you work with
which plans do you bill
how do i settle the bill
how do i pay
how do i use my voucher
how do i redeem a gift card
how do i get my money's receipt
how do you handle complaints
how do you remind people
how far ahead do i have to cancel
how far ahead can one book
how early do i come
how late can i be
how long is the voucher good for
how long do you keep my records
how long do i have to wait for the report
how long until it's ready
how long till i can collect
how many can i bring along
how old must one be
when do i pay
when do i have to pay
when will it be ready
when can i pick it up
when is the form due
do i pay at the desk
do i pay beforehand
do i pay if i'm ill
do i lose the money if i don't come
do i get a text before
do i get a receipt
do i get my deposit back if i cancel in time
do i need to bring id
do i need to be a member
do i need to sign anything
do i need a letter from the doctor
do i have to fill anything in
do i have to wear a mask
do i have to come alone
do you send a bill
do you send a text the day before
do you bill the insurance
do you deal with insurers
do you do invoices
do you want the form beforehand
do you want me to wear a mask
do you mind dogs
do you mind if i bring the baby
do you mind if my wife sits in
do you keep photos
do you share my data
do you pass on my details
do you take cheques
do you take vouchers from other shops
do you take payment in parts
do you have a waiting room
do you have somewhere to change
do you have lockers
do you have a guarantee on repairs
do you guarantee the work
do kids have to be with a parent
does a parent have to stay
does my plan pay you straight
does the voucher run out
does someone have to be home
can i bring a friend along
can i bring my dog
can i bring the pram in
can i pay half now
can i pay by phone
can i pay when i collect
can i pay in two goes
can i split the bill
can i use two vouchers at once
can i have the receipt by mail
can i have an invoice for work
can i send someone else to collect it
can my partner pick it up
can my mother sit in
can my son come on his own
can my daughter come without me
can we bring our own music
can we film it
can we eat there
can you hold my coat
can you send the bill to my firm
could i pay later
could someone else come in my place
is cash ok
is cash fine
is a card ok
is there a charge if i'm late
is there a charge if i cancel
is there wifi
is there somewhere for my coat
is there somewhere to wait
is there a form to fill in
is there a guarantee
is there an age limit
is a deposit needed
is the voucher for everything
is tipping a thing there
is my data safe with you
is it alright if i bring my mum
is it alright to bring a drink
is it alright if the baby comes
is parking included
am i charged if i don't turn up
am i allowed to bring my kid
am i insured while i'm there
are dogs allowed
are kids allowed in
are masks a must
are tips expected
are vouchers refundable
must i pay in advance
must i bring the old one
should i come early
should i wash my hair before
should i take the stickers off first
should i pay online
would a photo of the prescription do
would you keep my car overnight
who can pick it up for me
who sees my notes

= ask-hours
what time can i turn up
what time is somebody there from
what time do you knock off
what time do you call it a day
until what time is the shop open <day>
how late can i still come by
how early is anyone there
how early do you start
are you about <day>
are you there on holidays
are you there <day>
are you there over lunch
are you shut over christmas
are you working <day>
are you in <day>
are you round the clock
is anybody there <day>
is anybody in at <time>
is somebody at the desk <day>
is the shop open now
is it too late to come by today
do you open before work
do you open on holidays
do you work weekends
do you do weekends
when's the shop open
when's the last time i can come by
when do you finish <day>
when does the place open up
when does the desk open
which days are you shut
which evenings are you open
which days
hours please
hours for <day>
your hours <day>
your opening times please
opening times
open <day>
still open
i get off at six, are you still open then
can i still come by <day> after work

= ask-place
where do i come to
where do i go in
where's your door
where are you at
where abouts is it
where in town is it
where do i put the car
where do i lock my bike
where do i get off the bus
which floor
which stop is yours
which way from the station
which door is it
what's it near
what's next to you
what's the postcode
what's the street called
what street
whereabouts in the building
how would i find you
how do i get to you by train
how do i get in with a wheelchair
how far are you from the harbour
how far is it on foot
how many steps are there
can i leave the car somewhere
can i park right outside
can i get in with a pram
can i get the bus to you
can you send me a map
can you text me the address
is it easy to find
is it near the church
is there a garage close by
is there a ramp
is there anywhere to park
is it on the ground floor
is it all on one level
are there stairs
are you near the station
are you in the centre
are you still on the high street
are you the one by the bridge
have you moved
have you got parking
do you have a car park
do you have another branch
do you have steps at the door
i can't find you
i'm outside and can't find the door
i'm on the corner, which way now
i come by bus, which one
address please
address
directions please

= ask-staff
who'd be looking after me
who'd be doing my hair
who's there <day>
who's on <day>
who's in <day>
who's good with nervous people
who's good with children
who's your best with knees
who's the owner
who's the newest of you
who has been there longest
who knows about hearing aids
who looks after the dogs
who deals with old cars
who takes the <service>
who runs the <service>
who would i get for a <service>
who else does <service>
who all works there
who speaks spanish
which of you speaks french
which of them is in <day>
which one of you is the vet
is <staff> about <day>
is <staff> back yet
is <staff> on holiday
is <staff> still with you
is <staff> the one with the beard
is <staff> a man
is <staff> qualified
is <staff> any good
is <staff> the one who does <service>
is there a woman i could see
is there a man who does <service>
is there anybody who speaks polish
is there anyone who knows old clocks
does <staff> work <day>
does <staff> take children
does <staff> speak german
does <staff> do evenings
does <staff> come in <day>
does anyone there do <service>
do i get <staff> every time
do i always get the same person
do you have a lady who does <service>
do any of you sign
can <staff> do children too
can <staff> do a <service> as well
can i choose who i get
can i pick who does it
how long has <staff> been there
how long has <staff> been doing this
how many of you are there
what does <staff> do
what's <staff> like
when is <staff> there
when does <staff> start
when's <staff> back
tell me about <staff>
tell me about the people there
i forgot who does <service>
i'd like to know who does the <service>

= ask-availability
how's <day> looking
how does <day> look
how full are you <day>
how soon could i get in
how soon could you do a <service>
how long's the wait for a <service>
how far out are you booking
what's free <day>
what's left <day>
what's open with <staff>
what's your next gap
what's your soonest for <service>
what times could i have <day>
what do you have going <day>
what does <staff> have <day>
what about <day> with <staff>
what have you got for <service> <day>
when could somebody see me
when could you do me
when could i come for a <service>
when's the next free <time>
when's the soonest with <staff>
when is <staff> next free
when do you have room for two
when might there be room for a <service>
are there gaps <day>
are there any left <day>
are there still places <day>
are you chocka <day>
are you booked solid <day>
are you full <day>
are you free <day>
are evenings free at all
is <day> full
is <day> still open for a <service>
is <day> any good
is <time> gone
is <time> still going <day>
is <staff> booked up
is <staff> free at <time>
is <staff> free <day>
is there a gap <day>
is there a <time> going
is there a <service> free <day>
is there room for one more <day>
is there room for two <day>
is there still room in the <service>
is there anything with <staff> <day>
is anything going <day>
is anybody free <day>
got anything <day>
got anything with <staff>
got room <day>
got time <day>
got a <time> <day>
have you a <time> <day>
have you any gaps
have you anything going <day>
have you got room for us <day>
have you space for two <day>
has <staff> got anything <day>
has <staff> a gap <day>
does <staff> have time <day>
does <day> work for you
does anybody have a gap <day>
do you have any <day> left
do you have any evenings
do you have a gap around <time>
do you have room for a small group <day>
do you have anything sooner
do you have space in the <service> <day>
any gaps <day>
any luck for <day>
any time <day>
any room in the <service>
any chance <day> is free
anything going <day>
anything for two <day>
anything with <staff> this side of <day>
anything left in the evening
anything round <time>
would there be room <day>
would there be a <time>
would <staff> have anything <day>
would <day> be free
could there be room for a third
can you check <day> for me
can you see if <day> is free
can you tell me what's free <day>
could you look whether <staff> has a gap
could you tell me when the next <service> is free
let me know what's free <day>
tell me what you've got <day>
tell me when <staff> has time
show me what's free
just checking if <day> is free
just seeing what's free
i'm only asking what's free <day>
i'm wondering how <day> looks
i wonder whether <staff> is free <day>

= ask-mine
(i've|we've|i) (made|arranged) (an appointment|a booking) (for <day> |last week |online |by phone |)and (can't remember|forgot|don't know any more) (when|what time|which day)(| it is| it was)
(i|we) can't remember (when|which day|what time) (it is|it was|we agreed on|you gave me)
when am i due
when am i due in
when am i with you next
when am i seeing <staff>
when do i see <staff> next
when do i come in
when do you expect me
when did i say i'd come
when was i meant to come
when was i last in
when's my next one
when's my <service>
what time do you want me
what time do i have to be there
what time did we say
what time was it again
what day did we say
what did i put down for
what have i got coming
what am i in for <day>
what am i having done <day>
what was it i booked
which day was mine
which day am i coming
which time was it
who am i with <day>
who am i seeing
who did you put me with
who's doing my <service>
where am i on your list
am i in <day>
am i in the book <day>
am i still in for <day>
am i right that i'm coming <day>
am i expected <day>
am i with <staff> or <staff>
are we still on for <day>
are we good for <day>
are you expecting me <day>
are you expecting us
did i book <day> or <day>
did i cancel that already
did i get a place
did my booking go in
did you get my booking
did you put me down
did that go in for <day>
do i have something <day>
do i have <time> or <time>
do you have me down
do you have me in for <day>
do you have us down for two
do you still have me <day>
does it say when i'm coming
have i got a <service> coming up
have i got one <day>
have you got me down <day>
have you got my name down
have you got us in <day>
has my <service> been put in
has mine been moved
is it <day> i'm coming
is it <time> or <time> that i have
is it <staff> i'm seeing
is mine <day>
is mine still on
is my <day> still on
is my <service> <length> or <length>
is my son booked in <day>
is there something in my name <day>
remind me when i'm coming
remind me what i booked
remind me who i'm with
tell me when i'm due
tell me what i have booked
could you check when i'm in
could you check what i have <day>
could you tell me which day i have
can you see my booking
can you see when i'm in
can you look me up
can you tell me if i'm still down for <day>
just checking i'm in <day>
just checking my time
just confirming <day>
confirming my <service> <day>
checking in about my <day>
i forgot when i'm coming
i forgot my time
i can't remember what time i said
i can't find my confirmation, when was it
i lost the card with my time on it
i have a feeling i'm booked <day>
i'm supposed to come some time this week
i'm coming <day>, right
i'm down for <day>, aren't i
i'm not sure if i booked
i'm not sure what i'm down for
my <service> is <day>, yes
my <service>, when was it
my time <day> please
mine was <time>, wasn't it

= message
tell <staff> the cream helped
tell <staff> i can't find the form
tell <staff> i'll be ten minutes late
tell the boss the heating was off
let <staff> know my knee is better
let <staff> know i've sent the papers
let them know the door was locked
can <staff> ring me about the results
can <staff> ring me when it's ready
can somebody ring me back about the bill
could <staff> give me a bell
could <staff> drop me a line
could someone from there ring me
could someone ring my wife about her <service>
would <staff> call me please
would you let <staff> know
would you tell <staff> thanks from me
would you say sorry to <staff> for me
pass my thanks on to <staff>
pass it on to <staff>
please pass on that i was very pleased
please say hello to <staff>
please say to <staff> that it works again
please note that my address is new
please note i'm allergic to nuts
please write down for <staff> that i'm diabetic
i want <staff> to know it was lovely
i want <staff> to ring me
i want to say something about my last visit
i want to make a complaint about <staff>
i wasn't happy with my <service>
i wasn't happy with <staff>
i waited an hour and nobody came
i was kept waiting for ages
i was overcharged
i paid twice
i think you charged me wrong
i left my scarf with you
i left my umbrella at yours <day>
i think my glasses are at yours
i've not heard back about my order
i've sent an email and nobody answered
nobody rang me back
nobody called me about my parts
my bill is wrong
my hair came out green
my brakes still squeak after you did them
my <service> was a let-down
the crown you put in came out
the colour has gone already
the hem you did has come undone
the person <day> was rude to me
the room was filthy
someone scratched my car there
just wanted to say thank you to <staff>
just to say <staff> was wonderful
just a note for <staff>
have <staff> call me
have someone call <phone>
get <staff> to ring me
get someone to call me back please
ask <staff> if the part has come
ask <staff> whether i should go on with the drops
call me on <phone>
ring <phone> please
my number for <staff> is <phone>

= person
is anyone actually there
is there a living soul i can talk to
is there somebody i can speak to
is <staff> there, i'd like a word
is <staff> around, i need to talk to them
can i have a word with <staff>
can i speak to whoever is in charge
can i speak with one of the girls
can i talk to the one at the desk
can you get me <staff>
can you get somebody
can you fetch somebody
could i have the desk
could i have someone real
could i be put through
could you pass me on to someone
could you hand me to a colleague
let me speak to someone
let me have a human
i'd like a word with <staff>
i'd like to speak to the manager
i'd like to talk to someone who knows
i'd like to talk to someone in person
i need a real person for this
i need to talk it over with somebody
i want somebody, not a machine
i want to talk to the vet
i don't talk to computers
i don't like talking to machines
i hate these machines
this is going nowhere, get me someone
this isn't working, a person please
you don't understand me, get me a person
you're no use, somebody else
somebody real
put me through
put me on to <staff>
put <staff> on
can i have the office
give me the desk
a proper person, if you can

= thanks-bye
sorry, wrong number
oh sorry, i have the wrong number
i think i dialled wrong
i've got the wrong place, sorry
wrong number, apologies
never mind, wrong shop
right, that's me sorted
right, that's everything then
that was all i wanted
that was all i needed to know
that's me done
that's grand, thanks
that'll do nicely
i'm all set
i'm sorted
i'm good now
i'll leave it there
i'll think about it, thanks
i'll think it over
i'll get back to you
i'll have a think and come back
i'll let you go
i have to run, bye
i have to go now
i've got to go
gotta run
i know enough, thanks
i'll ask my wife first, thanks
let me think about it, thank you
nothing more, thank you
no more questions
no that's fine
no that's it
ok i'll wait then, thanks
you've been a great help
you've been very kind
you were most helpful
very helpful, thanks
much obliged
bless you
cheers then
ta very much
ta ra
see you then
see you soon
till then
until <day> then
catch you later
have a good one
enjoy your day
speak soon
take it easy
all the best
good night then

= refused/discounts
what's the best you can do on price
what would you knock off
would you do it for fifty
would you do it for half
could you do it cheaper for a pensioner
could you go any lower
could you throw in the <service>
can you do me a favour on the price
can you do better than that
can you match their price
can i have it for less
can i have mates' rates
can i haggle
is that your best price
is there wiggle room on the price
is there money off for regulars
is there money off for nurses
do regulars pay less
do students get something off
do you give money off for two
do you do two for one
come on, fifty and we have a deal
that's too dear, make it cheaper
that's too much, what about forty
i'll give you forty for it
i'm a regular, surely i get something off
i only have fifty, will that do

= refused/refunds
i want what i paid back
i'd like the fee taken off
i'd like you to waive the fee
i shouldn't have to pay for that
i shouldn't pay for a visit i missed
give me back what i paid
give me my deposit back
put the money back on my card
pay me back
can you let me off the fee
can you drop the charge
can you take the fee off
can i get back what i paid
could you forget about the late fee
it didn't work, so i want my money
it fell apart, i want a refund
the fee isn't fair, take it off
you owe me money

= refused/advice
is this lump anything to worry about
is it normal that it throbs at night
is it ok to double my tablets
is it bad if it goes blue
is it catching
do i have to worry about this rash
do you think it's broken
do you think it's my heart
does that sound like arthritis to you
does it sound serious
could it be a blood clot
could it be cancer
could it be my thyroid
should i stop my pills before
should i put ice on it or heat
should i be worried
should i go to hospital with this
should i take something for it
should my son take the drops with food
can i stop taking the tablets
can i take aspirin with it
can i mix these two medicines
can i run on it
what could be wrong with my foot
what have i got, it itches and burns
what dose should i take
what should i take for the swelling
what's this on my arm
why does my jaw click
why does it still hurt after a week
how much of it can i take
how do i know if it's infected
how bad is a temperature of thirty nine
when can i go back to training
tell me what's wrong with me

= refused/others
when does my neighbour come
when is my sister coming
when is my ex booked in
when's mrs doyle coming in
what time is my husband's <service>
what does my wife come for
what did my boss have done
what did <name> have done
what did <name> pay
is <name> one of yours
is <name> coming <day>
is <name> there now
is my daughter's boyfriend a client
is my tenant booked in
is that actor one of your clients
has <name> been in
has my wife been in <day>
has my husband booked anything
did <name> turn up
did my son turn up <day>
did my mother come <day>
does <name> come to you
does my boss come to you
who comes before me
who's in after me
who's that at <time>
who has the <time>
who else comes to the <service>
tell me when <name> is in
tell me what <name> has
i'm his wife, tell me when he's coming
i'm her mother, what did she have done
i'm from the insurance, i need <name>'s visits
i'm a doctor, i need the file of <name>
i need to know if <name> is there
can you look up <name> for me
can you read me <name>'s notes

= refused/private
what's <staff>'s mobile
what's <staff>'s surname
what's <staff>'s private address
where does <staff> live
where does <staff> go after work
is <staff> married
is <staff> seeing anyone
how old is <staff>
how much does <staff> earn
can i have <staff>'s number
can i text <staff> directly
can i get <staff>'s home address
does <staff> have kids
does <staff> have a boyfriend
give me the number of <staff>
when is <staff>'s birthday
what time does <staff> go home

= out-of-scope
what's the score in the *match
who's on at the *cinema
where can i get a good *curry
where's the nearest *bank
when's high *tide
when do the *clocks change
how do i unblock a *sink
how many *calories in a *banana
how tall is the *tower
what's *nine times *seven
what's the *dollar at
what's on *television tonight
what rhymes with *orange
what's the word for *butter in *spanish
which *horse should i back
which *train goes to the *airport
can you call me a *cab
can you help me move *house
can you write my *essay
can you sing
can you recommend a *hotel
could you book me a *flight
could you get me *tickets
do you know any *jokes
do you know a good *plumber
do you sell *milk
do you rent *bikes out
do you do *takeaway
do you believe in *god
do you like *football
is it going to be *hot <day>
is the *museum open
is there a *petrol station near
is there life on *mars
tell me about the *romans
tell me a fact
sing me something
play some *music
order a *taxi
set an *alarm for <time>
i need a *table for <places>
i need a *lawyer
i'd like a large *fries
i want to sell you *insurance
i'm selling *solar panels
we offer cheap *advertising
congratulations you have *won
buy *crypto now
click this *link
let's talk about *politics
explain *gravity

= none
the one before that
the one you said first
that'll be grand
that'll work
that's not what i said
that isn't right
that's my maiden name
i'll be paying myself
i told you already
i already said
i just said that
it's for both of us
it's a long story
it's the left one
it's the front wheel
it's been going on for weeks
it started <day>
it comes and goes
he's nine
she's five
my gp sent me
my mother told me about you
a friend told me about you
i found you online
i saw your sign
nobody sent me
not that i know of
not for a while
not any more
only once
only in the mornings
once a week or so
on and off
off and on
for about a year
since the summer
since i was a boy
all my life
the left
the upper part
both sides
both of them
neither of us
either way
as i said
as before
if you like
if you say so
if that's alright
whatever you think
whatever's easiest
you tell me
you decide
up to you
don't know yet
can't say
hard to say
no idea
haven't a clue
give me a second
give me a minute
hang on a sec
bear with me
just a moment
let me look
let me check my diary
let me get my glasses
hello hello
testing
can you hear me
i can't hear you
you're breaking up
speak up please
slower please

= book
my licence runs out <day>, i need a <service> <day>
my contract ends <day>, i need to see somebody <day>
our wedding is <day>, we need a <service> before that
my exam is <day>, i need a lesson <day>
could you tell me if you'd have me <day> for a <service>
my skirt is too wide
my sleeves are too short
my coat is too big for me
my curtains are too long

= message
i ordered a ring and it is still not there
i ordered new glasses and they haven't come
the dress you made isn't finished, you said <day>
you promised it for <day> and it is not done
you said it would be ready <day>
my order was due <day> and nobody rang
it should have been ready last week
it's still not fixed
this is a scandal
this is not good enough
this is really poor
where is my order
where are my glasses
where's my parcel
when will somebody tell me about my order

= ask-availability
when's the next one
when is the next class
when could i have the next one
when does the next <service> have room

= ask-service
do you photograph babies
do you paint houses
do you film parties
do you cut fringes
do you mend shoes
could you tell me do you do <service>
i was wondering do you do <service>
hello i was wondering whether you do <service>
yes hello, do you do <service>

= ask-service
what can i pick from
which of your services could i pick
which treatments are there to choose from
what is there to choose from

= ask-availability
how soon could anyone see a sick dog
how soon can somebody look at my tooth
how soon can you fit a crown
how soon could you have a look
anything for a <service> <day>
what's the soonest for a sick cat

= book
castrate my cat please
have my dog's teeth done please
have my windows tinted <day>
my hamster won't eat, i need someone now
somebody told me about <staff>, could he take me
a friend swears by <staff>, can she see me
have somebody test the alternator
any stylist will do, only not <day>
whoever is free, only not <day>: <service>
could <staff> see me <day> <time>
could <staff> have me <day> about <time>
could you get a <service> in <day> <time>
<service> when <staff> is in, <day>

= cancel
<day> isn't happening any more
<time> isn't happening for me
that's not happening <day>, sorry
my back is right again, so no need for <day>
i can't bring the dog <day>
i can't bring my car in <day>
drop the first of my two
i have two with you, drop the later one

= move
can't do <time>, would <time> be ok
can't do <day>, would <day> be ok

= ask-mine
i need to know if my <day> is still on
i'd like to know if mine is still on
was it <staff> or <staff> i'm seeing
is it <staff> or <staff> we have

= ask-staff
who would you say is best with hips
who'd you say is gentlest
what's the name of the young dentist
what's that tall barber called
is the lady barber in <day>
is the new girl in <day>

= ask-price
a <length> <service>, what's that in euros
what's that in pounds
is there a charge if i only want a wash
what's it in total with the wash

= ask-service
how many hours does a <service> take
how old can a kitten be for the <service>
what age is the <service> for
do you mind small animals over the holidays
do you keep cats for people on holiday
can you neuter a six month old
is the <service> part of the <service>
is a wash part of the <service>
will my oil be checked in the <service>

= ask-policy
i have a cold, should i still come
may i watch while he is being seen
can i be with her when it's done
can i get more of my drops without an appointment
when will the x-ray results be in
do i get the broken parts back
can i bring my own colour
can the bike stay there over night
do you drive people home
can i watch you work on it
are kids in the same room
do you ever run behind
i need a note for my school
could i come by for a form
what does the plan cover
does the van come out to us

= ask-place
where do i leave the trailer
where can i tie the horse
which bus comes by
which tram comes by
where may i put the bike

= message
nobody opened the door at my appointment
i was there at <time> and nobody let me in
you scratched my door
you dented my car <day>
my new number is <phone>
my phone has changed: <phone>

= refused/others
when is <name>'s next appointment
when is *ruth *miller's next appointment
when does *peter *smith come next
is *anna *brown with you <day>

= refused/advice
is garlic going to kill my cat
is *chocolate bad for a dog
how long can i walk with a torn muscle
how long can i wait with this tooth

= out-of-scope
teach me to *sing
teach me *chess
help my son with *fractions
my neighbour plays loud *music, can you do something
can you stop my neighbour's *dog from barking

= none
what's up
you can stop writing to me
stop texting me
hmm let me think
who might you be

= person
get <staff> on the phone for me
get <staff> on the line please
could you get <staff> to the phone
could you fetch <staff> to the phone
i need <staff> on the line

= move
i booked a <service> <day> but i need it <day>
i have a <service> <day> but need it <day>
i'm booked <day> but it has to be <day>
= ask-policy
(can|may|could|might) (i|we) (bring|take) (my|our) (baby|toddler|kids|child|partner|husband|mum|mother|sister|friend|dog|cat) (in|inside|along|with me) (when|while) (you work|it is being done|i get my *hair done|she has it|they look at it)
(can|may|could) (i|we) (watch|stay|sit in|sit beside her|be there|look on|come in with him|wait in the room) (while|when|during) (you work|it is done|it|the <service>|he is seen|she has hers)
can i see what you do to my +machine
can i come and look at my +bike while it is with you
(can|may|could) (i|we) (leave|keep|store) (my|the|our) +bike (there|with you) (over|for|until) (the weekend|a night|a day or two|christmas)
can the +bike stay (a night|a few days|over the weekend)
(can|may|could) (i|we) bring (my|our) own +parts
do you give (me|us) the old ones back
do i (have to|need to) (bring|find|arrange|provide|get) (a|the|two) +helper (myself|on my own)
do (i|we) need (a|some) +test (first|before that|for that|)
must i have had a +test
(is|are) (your|the) (products|creams|oils|materials|inks) (safe|natural|organic|vegan|local|tested|fair trade)
where do your (products|oils) come from
can (we|i) (do|have) (it|that|the meeting|my <service>) (over the phone|by phone|online|on a screen|by email)
could (six|eight|ten|a dozen|a group|a whole class) of us come (at once|together|for a party|for a birthday)
do you take (groups|parties|whole families)
when (will|do|would) (i|we) (get|have|hear about|see) (the|my) (results|pictures|papers|report)
how soon are the results there
do you (give|offer) (people|us|me) a (ride|lift) (home|to the station|to town)
is (paying by phone|a bank transfer|an app) (ok|okay|all right|possible)
i've got a (cold|fever|sore throat|stomach bug), (do|may|can) i (still|) come
should i (still|) come (with|if i have) a (cold|fever|bad cough)
i have a (gift card|coupon|certificate), how does that work
how do i (use|pay with|cash in) my (gift card|coupon|certificate)
does the (driver|van|nurse) come (out|) to +town
can i (drop by|come by|stop by) to (fetch|get|collect|hand in) (a|my|some) (papers|receipt|letter|bag)
is the first (visit|meeting|session|lesson) (free|without charge|for nothing)
and (is there|would there be) a (fee|charge) for (that|cancelling)
= ask-service
(can|could) you help (me|us|my brother) with (a|an|my) +thing
do you (handle|deal with|take on|treat|cover|look after|work on) (any|) +things
do you deal with people who won't pay
anything for a +trouble
have you (got|) something for (a|my) +trouble
should i (fill in|read|sign|prepare) (the|my) +paper before (i come|the <service>|we meet)
are <service> and <service> (the same|two things|different things)
i (got|have) a (letter|bill|notice) from my +someone, (who|what) should i (see|ask|talk to)
(the doctor|my trainer) says i need <service> but (i have no idea what it is|what is that)
does one have to be a +local to (get|have|make) a <service>
do both of us have to (come|be there|sign) for <service>
= ask-price
is (that|it|the <service>) (billed|charged|priced) by the (hour|visit|session|day)
so (the|a) <service> is <length>, right
is there a charge if (i only want|it's only|it is just) (the|a) <service>
(the|a) <length> <service>, (what|how much) (is that|does that come to) in (euros|pounds|rupees)
is the <service> worth it, what does it cost
= ask-hours
can (i|we) come (at|by) <time> or are you (not|) open (yet|then)
is <time> too early (for you|to come|)
do you (guys|people|) do <service> on (weekends|sundays|saturdays)
= ask-availability
do you have anything with <staff> <day>? it's for (my|a) +trouble
anything with <staff> <day>? i'm new
= person
i want to sit down and talk with one of you on the phone
= ask-staff
(which|what) (lawyer|doctor|stylist|teacher|mechanic|nurse) (does|handles|is for) +things
do you (only|just) have one (person|lady|man) for <service>
= message
(my|our) +thing must (still|) be in (your|the) +room, can (you|somebody) (look|check|have a look)
= cancel
no <service> (for me|for us) <day> i'm afraid, (he|she|i) (is|am) ill
i have (an appointment|something) <day> <time> and (one|another) <day>, i (need|want|have) to cancel (both|them both|the two)
i'm booked <day> and <day>. please cancel both of them
= move
i'd like (to|) add (another|an extra|a further) <length> to my <service> (<day>|)
(could|can) you (make|turn) my <service> (<length> longer|into <length>|<length> shorter)
(could|can) (i|we) (have|get) <length> more (for|of) my <service> (<day>|)
(extend|lengthen|shorten) my <service> (by|to) <length> (please|)
i want the (longer|shorter) <service> (instead|after all), <length>
= book
could <staff> see (me|us) <day> (around|about|) <time>
(could|can) <staff> (do|fit in) (a|my) <service> (at|) <time>
my +dog's got something in his (eye|ear|paw), (can|could) you (see|look at) him <time>
(anybody|anyone) (will do|can do it), just not <day>: <service>
= none
yes but (can|could) we (say|do|make it) <time>
= person
is <staff> there today, i'd like to speak with (her|him) about (it|this)
someone i could actually speak to please
= book
could you squeeze a <service> in <time> <day>
= none
(we|i) would take the one <day>
rather a woman if possible please
sorry, wrong button, i meant <day> <time>
`;
