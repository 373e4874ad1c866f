/** Ways to ask about people: who does it, who may come, who comes along, and what they are like. */
export const PEOPLE_ASKED = String.raw`
= children welcome
bringing children
i've nobody to leave the kids with
my childminder let me down, can the wee one come
is it all right with a baby in tow
can the boys sit quietly while i'm done
will you mind if my daughter tags along
can someone keep an eye on her for ten minutes
is it a place for kids
can i have the pram beside me
do you have a creche
= treats children
children
age limits
minimum age
how little is too little
is there a lower limit
when can they start
would you take him at four
do you do under fives
is my ten year old old enough
are teenagers let in
is it for grown ups only
at what point can a kid do this
is it just for adults
can my babies come
do you see little ones at all
how big do they have to be
= age upper
am i past it
i'm seventy three, is it daft
is there an upper limit
are pensioners allowed
can an old man like me still learn
will i be the oldest there
will my nan cope at ninety
are there people my age
= alone
can my daughter come by herself
can a sixteen year old come without a parent
do i have to stay with him
can i drop her off and come back
can i leave them with you and go shopping
must a grown up be there
can he do it without mum
may i go off and come back later
do parents hang about or leave
can kids be on their own there
= consent
do i have to sign something
does a parent have to sign
is there a form for under eighteens
can my gran sign for me
do both parents have to agree
what do i sign
is there a waiver
can i fill in the form at home
how long does the form take
= who collects
can his aunt pick him up
can somebody else fetch my child
who may collect her
do you let them go home alone
can my mother bring him
= companion
bringing somebody
companions
can my partner hold my hand
would it be all right to have my sister in with me
may somebody sit in
can i have company while you do it
my mum is coming for support
can a friend watch
can i come in with her
may two of us go in
will i be allowed to stay by him
can the whole family come in
can grandad come and watch
am i in the way if i stay
= spectators
can we watch from the side
is there somewhere for people to watch
can my parents come and see
do families get to see it
= group size
how many of them are in it
is it a big crowd
what's the most you take
is it one on one
does she have the teacher to herself
are the classes small
will it be just us
is it with strangers
how many go at once
is there a minimum number
what if not enough people sign up
will it go ahead if i'm the only one
can i have it to myself
= together
can we do it side by side
is there room for two at once
can my friend be in the same room
can we share one
can the two of us come at one time
is there a double
can we be in the same group
= group booking
groups and parties
group bookings
there are nine of us, can you fit us in
it's a hen do
we're a works outing
we are a school class
can our club come along
can i have the whole place for a party
do you do birthdays
how many of us can you take
could you do the whole family in one go
can we hire it out
do you do company days
can we bring a cake
= dogs
pets
dogs
animals
can the dog lie at my feet
my dog pines if i leave him
is a well behaved dog all right
can he wait tied up outside
what about assistance dogs
do you have a water bowl
= pets manner
he's not good with other dogs
my cat scratches
she bites when she's frightened
what if he won't let you
mine is a rescue and very shy
he hates being touched
she pulls and barks at everyone
will they meet other animals
= pet vaccinations
does he need all his jabs
do you want to see his card
must she be chipped
does he need to be wormed first
= pet breeds
do you take big dogs
do you do rabbits
do you see guinea pigs
do you take any breed
are there dogs you won't take
do you do cats as well
= qualification
our training
qualifications
who trained your people
are they any good
have they got papers
did she go to college for it
how long has he been doing this
are they experienced
have your teachers been checked by the police
are they insured
who checks on you
is he properly qualified
are you in the trade body
do trainees do it
will it be a student who does me
= who does it
who will i get
do i get the same one each time
will it be a woman
is there a man who does it
i'd rather a lady did it
which of them is best with kids
who's your most patient person
who is there for grown ups
do i know beforehand who it'll be
can i choose who i get
do you have anyone who's good with nerves
= gender
can i ask for a woman
is there a female one
are there men working there
my wife would want a lady
do men come to you as well
is it ladies only
do you do blokes
= change person
we don't click, can we try another
what if i'd like somebody else next time
can i swap who looks after me
i didn't like the last one
can i stick with mine
is it always the same person
what happens when mine is on holiday
what if mine leaves
= language
languages
languages we speak
can anyone there talk to my mum in her own tongue
my english is poor
does anyone sign
is there somebody for the deaf
will i be understood in welsh
do you do it in mandarin
can i bring someone to translate
would a translator be there
can you write it down for me in tamil
my father has no english
= deaf
my dad is hard of hearing
can you text instead of ringing
is there a loop
can we lip read you
i can't use the phone
= blind
i can't see well
is there large print
can you read it out for me
= neurodivergent
my son is autistic
she has adhd and can't sit
can it be calm and quiet for him
he can't cope with lights and noise
do you know about special needs
can you go slowly with her
can he come and see it first
she has down's
do you work with disabled kids
= nervous
what if i lose my nerve
i'm a bag of nerves
my stomach turns at the thought
last time was awful
i'm dreading it
can i stop half way
can i put my hand up if it's too much
how do you help people who panic
my lad hides behind me
i cry easily
she's very shy with strangers
i had a bad time elsewhere
will you be gentle with me
i don't like being touched
= beginner
i've not done it since school
i haven't a clue
is it all right if i'm useless
will everyone be better than me
do i need to have done it before
i'm rusty
i know nothing whatever about it
where do i begin
is there a class for first timers
i did it as a child
i've no talent
are there levels
= level
which group am i right for
how do you know which level i am
i'm pretty good already, is there something for me
is there one for the more advanced
can i skip the first one
do you test people first
when do i move up
will i be held back by the others
= fitness
do i have to be fit
i'm quite heavy, is that a problem
am i too tall
i get out of breath
do i have to be strong
i'm not bendy
how tall must she be
i'm overweight
is it hard work
will i be worn out
= swimmer
he can't swim yet
do we all have to be able to swim
i sink like a stone
what if i fall in
how deep is it
will we be out of our depth
= team
how many of you work there
who's the boss
who owns it
can you tell me about your people
who would i talk to about my bill
can i speak to the owner
are you a family firm
= jobs
have you any work going
my son wants to learn the trade
do you take people on work experience
can i do a placement with you
are you looking for anyone
= new clients
new patients
new clients
can you squeeze another one in
are you full up
have you got room for us
do you take people from outside the area
are the books shut
can anyone come
do i have to live nearby
are you taking anybody on
= walk in
walk-ins
coming without a booking
can i chance it and come
do i just rock up
what if i turn up on spec
can i come in off the street
do i have to arrange it first
do i need to book ahead
is there a sit and wait
any need to ring beforehand
can we just appear
= waiting list
how long is the list
am i looking at months
how far off is the next free place
is there a long wait at the moment
do you ring if someone drops out
can i be put down for a cancellation
how quickly would we be seen
how soon could we start
do i have to wait ages for the first one
= referral
referrals
can i come off my own bat
do i need the doctor's say so
has the school got to send us
can i refer myself
does somebody need to recommend me
can my own doctor send you a note
can i ring you directly without the gp
= other people's booking
can i book it for my neighbour
can i arrange it for my mother
can my wife make the booking for me
do you need to speak to her yourself
may i ring up on my boss's behalf
can my carer sort out my times
`;
