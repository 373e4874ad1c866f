/** Ways to ask about bodies, things and materials: what is used, what suits, what is sold, mended and lent. */
export const THINGS = String.raw`
= pregnant
pregnancy
there's a baby on the way, can i still
i'm four months gone
can i do it with a bump
i might be pregnant
is it all right for the baby
we're trying for a baby
i've just had a baby, when can i
= health conditions
i've got a bad heart
i have a dodgy back
i'm diabetic, does it matter
can i with high blood pressure
i had an operation last month
i've got a plate in my leg
i take tablets every day
is it ok with epilepsy
i have asthma
i had cancer
i'm on blood thinners
my knees are shot
what illnesses do you need to know of
should i tell you about my heart
can you do it with a pacemaker
is there anyone who shouldn't have it
= pain
will i feel it
is it sore
will it be agony
does it smart
how much will i suffer
is it nasty
can you numb it
will she cry
is it as bad as they say
will i ache after
does it tickle
do your dogs mind it
= sedation
can you knock me out
is there something to take the edge off
can i have a pill for it
do i get an injection
can i be put under for it
do you use gas
= allergy
allergies
what if i come out in a rash
i can't have nuts
i get hay fever
my skin is funny
i swell up from some creams
is there anything in it i could react to
do you do a test on my arm
i'm allergic to cats
my son can't have dairy
are the gloves latex
does it have perfume in it
are you nut free
= products
products
what we use
what goes on my skin
which make is it
what brand do you use
is it all natural
is it vegan
is it tested on animals
can i buy what you used
do you sell it in bottles
is it organic
can i bring my own cream
are there chemicals in it
= eco
are you green
do you recycle
is it kind to the planet
do you use plastic
where does it come from
is the wood from here
is it fair trade
= own material
may i bring mine along for you to use
can i supply the stuff
will you use what i've got
can you work with my own
i have all the parts already
can i bring my own instrument
can i use my own board
i want you to use my own fabric
do i need to own one
must i have my own
= lend
hire
rental
loan
is there gear i can use
do i get one while mine is with you
can i take one away for the weekend
have you any for hire
do i have to buy one
is the kit provided
are helmets provided
do you have spares
do you have my size to borrow
can i keep it for longer
is there a deposit on it
= sizes
do you have it in big sizes
i'm a size twenty
will it fit me
what sizes do they come in
do you have small ones for kids
i've got big feet
my hands are tiny
can you measure me
= safety
safety
is it dangerous
has anyone been hurt
what safety things do you have
do we wear helmets
do we wear life jackets
who rescues us
is there somebody with first aid
what if there's an accident
are we insured if something happens
do i sign away my rights
is somebody watching them all the time
how do you keep them safe
= equipment
what machine is it
how new are your machines
which car will i learn in
is it automatic
what do you work with
what kind of boat is it
is it a real piano
what sort of chairs are they
= guarantee
guarantee
warranty
what if it goes again
do you stand behind it
what if it doesn't last
is your work covered
how long have i got if it plays up
if it falls off again do i pay
will you sort it if it's not right
what if you break it
= damage
what if i break something
do i pay if i spill something
who pays if it gets scratched
what if my child damages it
what if you damage mine
are my things covered while you have them
is it insured while it's with you
= repair
can you fix mine
is it worth mending
is it beyond saving
can it be saved
can you get the stain out
do you mend old ones
can you make it like new
would you take a look at mine
can you do something about a crack
= parts
can you still get bits for it
do you keep parts
it's very old, can you get the pieces
how long does it take for the part to come
do you use original parts
= alter
it's too tight, can you do something
can it be made smaller
can you take it up
mine is too loose
can you let it out
= cleaning care
how do i keep it looking good
what do i clean it with
can i put it in the machine
how do i stop it going off
how often do i wipe it
how do i look after it
what's bad for it
do i need a special cleaner
= storage
can you keep it till i'm back
how long do you hang on to things
what if i don't collect it
do you have space to store it
do you charge for keeping it
= drop off
can i leave it with you first thing
can i hand it in on my way to work
can i drop it at night
is there a letterbox
can a courier bring it
can my son drop it in
do i have to bring it myself
can somebody else pick it up for me
= deliver
delivery
pick up and delivery
can you bring it to me
can it be sent
can you come and fetch it
do you post abroad
what does delivery cost
do you have a van
how far do you deliver
= donate
what do i do with the old ones
will you take my old one off me
can i give mine away
do you get rid of it for me
is there a bin for them
can i hand in old batteries
= second hand
do you have used ones
is there anything second hand
would you buy mine
do you part exchange
can i sell you my old one
= other goods
do you keep gift ideas
can i buy a brush from you
is there a shop with it
do you stock strings
can i get a helmet there
do you sell kit
can i get sun cream there
= other trades
do you also do ears
can you do my garden
is there somebody for teeth
do you do weddings
do you cook
is there a vet
do you fix phones
can you sort out my boiler
do you do taxes
do you teach languages
can you do my windows
is there yoga
= difference
which would you go for
what sets them apart
why is this one more
what do i get more with the big one
is the longer one worth it
what does the dear one have
is one gentler
i can't make up my mind between them
= suitable
what do you recommend for me
which is right for a bad back
is it good for dry skin
would it suit my face
is it right for my son
what do i need
what would help with this
is it meant for people like me
is it any use for headaches
does it do anything for wrinkles
which is best for a beginner
= results
can i see what you've done
do you have pictures of your work
before and after photos?
can i talk to someone who had it
what do people say about you
are there reviews
do you have samples
could i see a sample
= custom
can i choose the colour
can you do it just how i want
could i bring a picture
can you copy this
can it have my name on it
do you make to order
can i pick the design
could you do something different
= photo permission
photos
filming
can we take snaps
do you film it
will i be on your instagram
can i record the lesson
can i get pictures of it
does somebody take photos of us
can i take a video of my daughter
i don't want my face online
do i get the pictures
= publish
will you use my pictures
who owns the photos
can i print them myself
can i put them up online
do i get all of them
can you touch them up
can i have the ones you didn't pick
= theft lost
i think i left my scarf
has anyone handed in a ring
have you found a child's shoe
my umbrella is still there
my glasses are gone, have you seen them
= overnight
do they sleep there
do you keep him in overnight
can i leave her for the weekend
do i have to leave it with you
how long will i be parted from it
= ill
i've got the sniffles, can i come
what if i'm bunged up
my kid has nits
she has a tummy bug
i've got a cold sore
should i stay away if i'm poorly
he's got chickenpox
i tested positive
= drive
can i get behind the wheel after
will i need a lift home
can i ride my bike home
can i drive myself
does somebody need to take me home
= swim with
can i go in the pool with it
can i wear them in the sea
will salt water spoil it
can i dive with it
= sunglasses
do you have tinted ones
can mine be made dark
= vaccination
do you give jabs
do you do travel shots
do i need to be vaccinated
= deadline
how soon must you have it all
what's the last moment to hand it in
when must i apply by
when do sign ups close
= materials
do i have to buy books
are the books in it
is the paint extra
what do i need to buy
who pays for the music sheets
is the clay in the price
= included
what is included
what's in the price
what do i get for that
is the hire in it
is the wash part of it
does it come with a cut
do i get a towel with it
is it all inclusive
is lunch in the price
are the tickets extra
= concert
do they get to perform
is there a show at the end
do we play in front of people
is there a recital
must i go on stage
= holidays
do you run camps
what is there in half term
do lessons stop in the holidays
is there something for kids in summer
= history
who started it
how old is the house
how long have you been going
when did you open
who was there before
= curious
what's the dog in the photo called
who painted the wall
how many have you done
what does the name mean
why are you called that
who chose the colour
`;
