/** Ways to ask about the place: how to get there and in, what is there, and how it is inside. */
export const PLACE = String.raw`
= parking
parking
car park
where to park
where do people usually leave the car
will i get a ticket if i stop outside
is it permit holders only round there
is there a multi storey close by
can a van fit in your yard
how tight is it for parking
do i need change for the meter
do you give out a parking permit
can i leave the motor with you
is there a disabled bay
where can the coach wait
how far would i have to walk from the car
is it free to park
= access
access
wheelchair access
steps and stairs
accessibility
step free
barrier free
can you manage a wheelchair
will my chair fit through
is it all on one level
i've got bad knees, how many steps is it
i've had a hip done, can i get in all right
can i get the double buggy in
is there a rail to hold on to
my gran walks with a frame, will she manage
is the toilet big enough to turn a chair in
my husband can't climb
are you up a staircase
is there a ramp at the front
how do i get from the street to you in a chair
can somebody help me in from the car
is the path uneven
= getting there
directions
how to find us
where we are
public transport
buses and trains
what's the postcode for the satnav
where exactly are you
are you near the (church|market|harbour|school|hospital|square|river|bridge)
is it out of town
what do i put in the map
which road do i turn off
how long from the ferry
which side of the river are you on
is it a long way from the centre
will the bus take me to your door
what's the nearest landmark
i don't know the town at all
can i get there without driving
is there a shuttle
can somebody pick me up from the station
is it walkable
where do i get off
= finding the door
what am i looking for when i get to the street
is it the front or round the back
do i buzz
what number do i press
is there a code for the gate
which building is yours
is the name on the door
who do i ask for when i get there
do i check in somewhere
where do i report to
where shall we meet you
where does it all begin
= bicycle
where do i chain my bike up
can the bike come inside
is there somewhere safe for two wheels
do bikes get stolen there
can i put my e-bike somewhere dry
= toilet
toilets
washrooms
i've got a weak bladder, is there somewhere to go
is there a ladies
where do i powder my nose
can i spend a penny there
are there toilets out there
is there a loo on board
how far is the nearest loo
= baby change
where do i change his nappy
is there a changing mat
somewhere to change the little one
have you got spare nappies
= breastfeeding
is there somewhere private to feed her
can i give the baby a bottle
somewhere quiet for me and the baby
can you warm a bottle
= shower
is there hot water to wash with afterwards
where do we get out of our wet things
somewhere to put dry clothes on
where do i leave my stuff
do i go home sweaty or can i have a wash
are there hairdryers
are there separate changing rooms
is there a cubicle to get changed in
do the lockers need a coin
= valuables
is my bag safe while i'm in there
where do i put my phone and keys
can somebody mind my handbag
do you have a safe
is there a place for my coat
can i hang my jacket up
is there a cupboard i can lock
what if something of mine gets nicked
can i leave my suitcase
= drinks
drinks
refreshments
can i get a cuppa
do you make coffee
is there anything wet to be had
will somebody bring me a glass of something
is there a tap to fill my bottle
do you serve a glass of bubbly
is the coffee any good
do i get offered a drink
= eat there
is there anything to nibble
can we bring a picnic
will we get lunch
do you lay on food
is there somewhere to get a bite nearby
can my son eat his crisps there
do we stop for a meal
is there a microwave
shall i pack a lunch
= wifi
internet
will my laptop get online there
do you have signal
is there reception for my mobile
can i stream something while i'm there
what do i type in to get on the network
= charging
my battery is nearly dead, can i plug in
is there a plug for my laptop
can i charge up
do you have a cable i could use
= music
is there music on all the time
do you have the radio on
could i put my headphones on
can i bring my playlist
is it loud in there
can i ask for silence
i don't want to make conversation
does she talk a lot
is it a quiet place
i can't bear noise
= temperature
is it cold in there
will i freeze
have you got air con
is it stuffy
is the room heated
does it get hot in summer
should i bring a jumper for in there
is the water warm
how warm is the pool
can you turn the heating up
= waiting
waiting room
where do i sit till it's my turn
where can my mum hang about
is there a seat for someone with me
can i wait in the warm
is there a bench
do i wait outside
can i sit in the car till you're ready
what is there to do for those who wait
is there a cafe round the corner for my husband
= toys
will my toddler be bored stiff
is there something to keep a four year old busy
have you got crayons
is there a telly for the kids
are there books for little ones
= entertainment
anything to read while i wait
have you got papers to read
is there something to look at
= smoking
smoking
can i have a fag outside
where do smokers go
can i vape in there
= ev charging
can i plug the car in
is there juice for an electric car
= facilities
our rooms
the building
what's the place like inside
what have you got in there
how big is the place
is it old or modern
is it cosy
do you have your own garden
do you have a kitchen
can i come and have a look round
could i see the place before i decide
do you do tours
is there an open day
are there photos of it
= hygiene
how clean is everything
are the tools boiled
do you sterilise things between people
do you use fresh towels every time
do you change the sheets
do you wear gloves
do you wear a mask
must i wear a mask
do you wipe things down after each one
what do you do about germs
are the needles new
is it hygienic
= branches
is there one of you nearer to where i live
are you only in the one town
which of your places does it
can i go to the other one
do you have a place up north
are you part of a chain
= outdoors
are we outside the whole time
is it under cover
is there a roof
is it inside or out
are we in the open
is there shade
= privacy of room
is there a curtain
will other people see me
is it a room of my own
can others hear what we say
is it all in one big room
is there a private corner
can i be seen from the street
= prayer
is there somewhere to pray
is there a quiet room
`;
