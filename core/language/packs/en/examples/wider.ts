/** The same wishes as other people put them: old and young, terse and wordy, from other countries, or halfway through a thought. */
export const WIDER = String.raw`
= book
kindly (arrange|fix|schedule) (one|an) appointment (for me|) <day>
kindly do the needful and book me a slot <day> <time>
please (fix|give) me one appointment (with <staff>|) <day>
i am wanting (an appointment|one sitting|a sitting) for <service>
i require an appointment (with <staff>|) at your earliest
would you be so kind as to put me in for <service> <day>
might i trouble you for an appointment <day>
i wonder if i might come in <day>, it's my +knee again
my other half (wants|needs|fancies) <service> <day>
(mum|dad|nan|gran|grandpa) (wants|needs) to come in <day>
i'd best come in, it's been hurting since <day>
it's that time again, <service> please
time for my (regular|usual|next) <service>
i'm due (for|) <service> (again|)
i'm overdue (for|) <service>
ready for my next <service>
<service> <day> <time> pls
<service> <day> if poss
<day> <time> <service> ?
u got <service> <day>, need 1 asap
need <service> b4 <day>
gonna need <service> <day>
fit us in <day> would ya
squeeze me in somewhere <day>
y'all got me down for nothing yet so put me in <day>
sign the both of us up for <service>
count (me|us) in for <service> <day>
save (me|us) a spot <day>
hold <time> for me <day>
i'll have <service> <day> then, with <staff> if she's there
i'll come <day> <time>
let's say <day> <time> for <service>
so what i need is <service>, <length>, <day>
right so i'm after <service>, preferably <day>
look, i just need someone to see my +foot <day>
my doctor reckons i need <service>, so when i can have it i'd like it
the doctor told me to get <service>, put me down please
i got told to come back for <service> in <day>
<staff> said to (come back|see her again|see him again) <day>, so here i am
<staff> wants to see me again <day>
it's for a gift, <service> for my wife <day>
we've guests coming and i want <service> before then
before my holiday i'd like <service>
i fly out <day> and want <service> before that
i play in a tournament <day> and my +elbow needs looking at first
something for <day>, anything, i'm desperate
whatever is free <day>, i'm easy
whoever can do <service> quickest
do me <service> <day> would you
chuck me in for <service> <day>
whack me down for <time>
i need in <day>
need to get my son seen <day>
get my wife in with <staff> <day>
can we get him seen <day>, he's limping
she can hardly walk, may i bring her <day>
my back went this morning, who can take me
i've put my +neck out, is there anyone
i slept funny and can't turn my head, i could come any time <day>
= move
it no longer suits (me|), give me <day>
that day is no good after all, give me another
the time you gave me is too early
the appointment you gave me clashes with (work|school|something)
there's a clash <day>, can it be <day>
i've double booked myself <day>, what else is there
i mixed up my days, it should be <day>
i wrote down the wrong day, i need <day>
<day> has become awkward, is <day> any good
change of plan, <day> rather than <day>
plans changed, shift me to <day>
kindly prepone my appointment (to <day>|)
kindly postpone my appointment (to <day>|)
please reschedule to any other date
i request you to change my timing to <time>
would <day> do instead of <day>
swap my <day> for <day>
gotta bump my <service> to <day>
pls move me 2 <day>
cant do <day> anymore, <day> ok?
can't do <time>, later that day?
running (behind|late) for <time>, could it be <time>
train's late, can you see me <time> instead
let's do <time> and not <time>
let me come <day> in place of <day>
is my slot fixed or could it go to <day>
what are the chances of getting mine moved to <day>
any wiggle room on my <time>
my lift fell through, could you fit me in <day> in its place
the sitter cancelled, i'll need another time
school called, i need to come another time
(i'm|we're|i am|we are) (at work|away|out of town|*skiing|*camping|at a funeral|on a course) <day>, (could|can) (we|you|i) do my <service> <day>
(i'm|we're) (at work|away|out of town|in court|on shift) <day>, would <day> be all right for my <service>
i've to be (in town|at the school|elsewhere) <day>, could my <service> be <day>
work has called me in <day>, i'll have to come <day>
= cancel
it has sorted itself out, no need for me to come <day>
please strike my name off for <day>
remove me from <day>
i shan't be coming <day>
i regret i cannot attend <day>
kindly cancel my booking of <day>
i wish to cancel my sitting
count me out for <day>
leave me out of the class <day>
i'm out for <day>
scratch that appointment <day>
we won't be needing <service> any more
don't expect me <day>
no can do <day>, please drop it
my (son|daughter|mother|wife|husband) can't come <day> after all, so cancel theirs
he's in hospital so <day> is off
call the whole thing off
i found somebody closer to home, so please cancel
cnt make it <day>, cancel pls
let somebody else have my <time>
= ask-price
what's the damage for <service>
what's the going rate for <service>
how dear is <service>
what would that run me, <service>
how much would <service> put me back
is <service> within <length> the same money
what are we talking for <service>, money wise
give me a rough idea of what <service> costs
what should i budget for <service>
i've only got fifty on me, is that enough for <service>
does <service> cost extra for long +hair
does the price go up with <staff>
how many bucks for <service>
quote me for <service>
what is the fee structure
fees for <service> please
what are the charges for one sitting
is the consultation chargeable
do first timers pay more
what's the total for <service> and <service>
= ask-hours
what are your timings
what timings are you open
till when are you (there|open) <day>
how early can one ring you
is anyone in before <time>
are you lot open <day>
you open <day>?
u open <day>
what time's last appointments
when's closing time <day>
do you close for lunch
do you take a break at midday
are you shut the whole of <day>
are you keeping normal hours <day>
is there a late night
which days are you closed
which evenings do you stay open
= ask-place
how do i get there from the (station|airport|motorway|highway)
what's the nearest (landmark|crossroads|junction)
is it the building with the green door
which entrance do i use
is it upstairs
can i get my scooter in
is there somewhere to tie up my horse
is it far on foot from the market
what's the postcode
send me your location
share the location please
which side of the road are you on
are you near the (harbour|hospital|town hall|mall)
can a taxi stop outside
is there disabled parking
is it free to park there
= ask-policy
do you need my card to hold a booking
what if i have to cancel on the morning itself
how much warning do you want if i can't come
will i be billed if my bus breaks down
is there a fine for coming late
do you text people before their visit
how will you let me know it's confirmed
do you offer packages
do you have a price for ten sessions together
can two people share a voucher
may i pay in two goes
would you take a bank transfer
will you bill my employer
what do you need to see from my insurance
is there paperwork to fill in
do i have to bring a grown up
may a friend sit in with me
can i bring the baby
can my partner wait inside
do i need a test before it
what should i do the night before
can i eat beforehand
may i have a glass of wine first
can i swim after
how long must i wait before washing it
do you keep my details private
do you take new people on at the moment
must i be registered with you
do you see people from out of town
are walk ins all right
could i just drop by
= ask-service
do you lot do <service>
is <service> something you do
do you treat *shingles there
do you handle *whiplash
what exactly do you do to the +foot
what's involved with <service>
talk me through <service>
how does <service> work
what would <service> do for me
would <service> help with my +back
is <service> safe at my age
could an eighty year old have <service>
how many goes of <service> does it take
how long between two <service>
how long am i in there for
will one visit be enough
is <service> done by hand or machine
do i lie down for <service>
do i have to undress for <service>
does it leave marks
will it be sore after
what if it doesn't work
which one would you pick for a stiff +neck
which is better for stress, <service> or <service>
what do people usually have for <service>
i don't know what i need, my +shoulder clicks
not sure which one is right for me
= ask-staff
who'd be doing it
who do you have for <service>
who's on <day>
who's there <day>
is it always the same person
how long has <staff> been doing this
is <staff> any good with (kids|nervous people|old people)
is <staff> a he or a she
has <staff> come back from holiday
has <staff> left
does <staff> still work there
how many of you are there
which of you speaks *polish
is there a senior person for <service>
which days is <staff> about
= ask-availability
how's <day> looking
what does <day> look like for <service>
is <day> all full
is <staff> chocka <day>
anything going <day>
any joy for <day>
any luck with <day>
are there slots left <day>
is there a gap around <time> <day>
if i wanted <service> <day>, would there be a slot
would you have room for two of us <day>
how quickly could i be seen
what's your waiting time for <service>
what is the next date available for <staff>
when could <staff> see me at the soonest
is <time> <day> taken
has <time> <day> gone
= ask-mine
when was it you were expecting me
what did i end up booking
is my name in your diary for <day>
have you got my name down
was it <time> or <time>, my one
which one was i having <day>
how much longer till my appointment
i've a feeling i've got something <day>, have i
did i book one or two
am i seeing <staff> or somebody else
have you confirmed mine
i never got a confirmation, am i booked
= message
could you let <staff> know i've arrived safely
would you mention to <staff> that it's much better
say hello to <staff> from me
pass my number to <staff>
i want <staff> to ring me, not urgent
i'd like to praise <staff>, please pass it on
i have a complaint about last week, who do i write to
the heating was off last time, please tell them
i think i left my scarf on the chair
my umbrella is still with you i believe
tell the owner i have a proposal
= person
get me a human
i'd sooner talk to somebody
is there no one real there
connect me to the desk
transfer me please
can a person ring or answer me
i can't explain this to a machine
this is too complicated, get me somebody
= thanks-bye
that's me then, bye
lovely, cheerio
i'll leave it there, thanks
nothing more from me
all sorted, ta
thank you kindly, goodbye
= refused/discounts
do i get mates rates
is there something off for students
could you round it down
my neighbour paid less, match it
i'm between jobs, could you do it for less
= refused/others
was my boss in this week
what does my sister come to you for
has a mr +green been in
who had the slot before me
is my friend booked in <day> as well
= refused/advice
it's gone all red, what do i do with it
is it normal that it throbs at night
would you say it's a sprain
may i take two tablets at once
should i ice it or heat it
is this lump something bad
= refused/refunds
it was useless, pay me back
i was charged twice, give it back now
i want what i paid returned
= refused/private
where does <staff> live
when is <staff> birthday
is <staff> married
what is <staff> private email
= out-of-scope
what's the exchange rate today
how do i get a passport
is there a good film on
find me a plumber
can you type up my essay
what's the weather doing <day>
sing me something
who invented the bicycle
which bus goes to the zoo
order me a sandwich
how tall is the tower
what's on at the theatre <day>
can you book me a table for dinner
can you mend my fridge
what time does the bank shut
= none
yes hello
hi all
morning team
ok
hmm let me think
one second
the second of those
that one
no preference really
`;
