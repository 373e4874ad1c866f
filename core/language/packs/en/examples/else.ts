/** What else people write: word for somebody, thanks, danger, what is refused and what is no business of the house. */
export const ELSE = String.raw`
= message
i want to leave a message
i'd like to leave a message
i'd like to leave a message for <staff>
can i leave a message
can i leave a note for <staff>
can i leave word for <staff>
can i leave feedback
can you take a message
can you take a message for <staff>
can you pass something on
can you pass a message to <staff>
can you tell <staff> that i'm fine
can you tell <staff> the glasses are great
can you tell <staff> i'll bring the papers
can you let <staff> know i called
can you let the boss know
can you give <staff> a message
can you ask <staff> to call me
can you ask <staff> to ring me back
can you have <staff> call me
can you forward this to <staff>
can you inform <staff> that my address changed
can somebody call me
can somebody call me back
can someone ring me about my bill
can someone phone me <day>
can someone get back to me
can <staff> call me
can <staff> phone me back
could you tell <staff> i said thanks
could you pass on my thanks to <staff>
could you ask the manager to email me
could <staff> give me a ring
could somebody get back to me about my order
could someone call <phone>
please tell <staff> i'm sorry about <day>
please tell <staff> the tooth is better
please tell your manager that the room was cold
please let <staff> know that i finished the tablets
please let them know i'm running late
please pass this on to <staff>
please pass on to your boss that i was not happy
please give this message to <staff>
please ask <staff> to call me
please ask <staff> to send me the report
please have <staff> call me back
please have someone call me
please call me back
please call me at <phone>
please ring me <day>
please phone me
please get back to me
please note for <staff> that i have moved
tell <staff> i said hi
tell <staff> that the exercises help
tell <staff> i will bring the form
tell <staff> my new number is <phone>
tell your boss i want an answer
let <staff> know i'm coming with my dog
ask <staff> to ring me
ask <staff> to get in touch
have <staff> call me
have somebody phone me
have the manager contact me
leave <staff> a note
pass a message to <staff>
give <staff> my regards
a message for <staff>
message for <staff>
i have a message for <staff>
i've got something to pass on
i have something to tell <staff>
i have a complaint
i have a complaint about <staff>
i want to complain
i want to complain about my <service>
i'd like to make a complaint
i'd like to complain about the noise
where do i complain
how do i make a complaint
this is a complaint
i'm unhappy with my <service>
i'm not happy with how i was treated
i'm disappointed with my <service>
i'm really annoyed, nobody called me back
i was treated rudely
i was kept waiting for an hour
i was charged twice
i was overcharged
i got the wrong bill
my bill is wrong
there's a mistake on my invoice
there is an error in my bill
the person at the desk was rude
<staff> was rude to me
<staff> hurt me last time
<staff> was late and said nothing
the room was dirty
the <service> was terrible
my haircut is uneven
the colour came out wrong
the repair broke again after a day
the filling fell out again
my glasses are wrong, i see nothing with them
i left my umbrella at your place
i left my phone in the waiting room
i forgot my jacket there
i think i lost an earring at your studio
did somebody find my scarf
has anyone handed in a ring
i'd like to give some feedback
i have some feedback for you
i have a suggestion
i'd like to praise <staff>
just wanted to say <staff> did great work
my address has changed
my phone number has changed
my new address is 5 hill road
i've moved, please update my address
please change my phone number to <phone>
i'm ten minutes late, please tell <staff>
i'm running late
i'm on my way but stuck in traffic
i'll be a bit late for my <service>
we'll be five minutes late
i'd like a call back
i want a callback
i'd like <staff> to call me
i need <staff> to sign a form
i need a copy of my report
i need a letter from <staff>
i need my invoice sent again
i need a new receipt, mine is lost
send me my invoice again please
i have a question for <staff> about my results
i'd like to ask <staff> something about my treatment
i have sent the form, did it arrive
i sent an email and got no answer
nobody answered my email
it's about my bill
it's about an invoice
it's about my order

= person
i want to talk to a person
i want to speak to someone
i want a human
i'd like to speak to a human being
i'd like to talk to somebody
i'd like to talk to the owner
i'd like to speak with the manager
i'd like to speak to <staff>
i'd rather talk to a person
i'd prefer to talk to a human
i need to talk to someone
i need to speak to <staff>
i need a real person
can i talk to a human
can i talk to somebody at the desk
can i speak to somebody
can i speak to whoever is in charge
can i speak to your boss
can i have a real person
can i get a human
can i call someone
can you put me through
can you put me through to <staff>
can you connect me
can you transfer me to <staff>
can you get me a person
can you get <staff> for me
can somebody real help me
can a person help me
could i talk to <staff>
could i speak with a member of staff
could you put me through to the office
could you fetch someone
could you pass me on to somebody
may i speak with <staff>
may i speak to a colleague
may i talk to the person in charge
is there anyone i can talk to
is there a person there
is there somebody real
is there someone i could speak to
is <staff> there to talk
is <staff> available to talk
is <staff> around for a word
is <staff> free for a quick call
is the manager there
is the boss in, i need a word
get me a person
get me someone
give me a human
give me the desk
put me through
put me through to a person
put me on to <staff>
connect me
connect me with the desk
transfer me
let me speak to <staff>
let me talk to someone
let me talk to a human
pass me to a person
hand me over to someone
a person please
a human please
real person please
someone real
operator
representative please
reception please
the front desk please
speak to a person
talk to a human
human please
human
i don't want to chat with a computer
i don't talk to robots
this isn't working, get me somebody
you don't understand me, i want a person
you can't help me, put me through
enough of this, i want to talk to somebody
stop, give me a person
no more machine please
i give up, can a person help

= thanks-bye
thanks
thank you
thank you so much
thanks a lot
many thanks
thanks for your help
thank you for your help, bye
thank you, that's all
thanks that's it
thanks, that was all
thanks, bye
thanks, see you <day>
thank you, see you then
thank you and goodbye
bye
bye bye
goodbye
good bye
see you
see you soon
see you <day>
see you then
talk to you later
that's all
that's it
that's everything
that would be all
that was all i needed
that's all i wanted to know
no that's all thank you
no that's everything
nothing else thanks
nothing more, thank you
i'm all set
i'm good
all good
all good, thanks
all set
great, thanks
great, thank you so much
perfect, thanks
perfect, bye
wonderful, thank you
lovely, thanks
brilliant, cheers
super, thanks
cool, thanks
ok thanks
ok thank you
okay bye
ok great, bye
alright, thanks
alright then, bye
fine, thanks
cheers
cheers bye
cheers mate
ta
ta very much
much appreciated
appreciate it
i appreciate your help
you've been very helpful
you were very helpful
you've been great
you're a star
you're the best
you are very kind
very kind of you
have a nice day
have a good day
have a great weekend
have a lovely evening
enjoy your day
you too
same to you
good night
that helps, thanks
that helped, thank you
that answers my question
that's good to know, thanks
good to know, bye
excellent, that's what i needed
until <day> then
looking forward to it
great, i'll be there
ok i'll be there
fine, i'll come then
i'll think about it, thanks
i'll get back to you
i'll call again later
maybe another time, thanks
never mind, thanks
ok no problem, bye
no worries, bye
god bless
peace

= emergency
my father collapsed and doesn't move
my mother is unconscious
my wife fainted and won't wake up
my child swallowed bleach
my baby isn't breathing
someone here is not breathing
he can't breathe
she can't breathe and is turning blue
i can't breathe
i have strong chest pain
i've got pains in my chest and left arm
there's pressure on my chest and i'm sweating
i think i'm having a heart attack
he's having a heart attack
i think she's having a stroke
her face is drooping and she talks funny
he can't lift his arm and speaks slurred
my arm and leg suddenly went numb
suddenly i can't feel my legs
half my face went numb
he had a fit and is shaking
she's having a seizure
he's bleeding heavily
the bleeding won't stop
blood keeps coming and coming
she hit her head and is vomiting
he fell from a ladder and hit his head
i fell on my head and feel dizzy
she fell down the stairs and can't move
my tongue is swelling after a bee sting
my throat is closing up
he's having an allergic reaction and can't swallow
i took too many pills
she took an overdose
i want to kill myself
i don't want to live any more
there's a fire here
there is smoke everywhere
help, he's dying
this is an emergency
it's an emergency, somebody collapsed
call an ambulance
we need an ambulance
please send an ambulance
i suddenly can't see on one eye
i got acid in my eyes
i can't control my bladder since the fall
i can't feel my feet and wet myself
my son choked and is blue
he's been hit by a car

= refused/discounts
can i get a discount
can i have a discount
can you give me a discount
can you give me a better price
can you do it cheaper
can you make it cheaper
can you make me a better offer
can you lower the price
can you come down a bit
can you do <length> for the price of <length>
can you do it for fifty
can we say forty instead of sixty
can we agree on fifty
could you take something off
could you do me a special price
could you knock something off
could you throw in a free <service>
could i pay less
could i have the student price
do you give discounts
do you give a discount for seniors
do you give students something off
do you do discounts for families
do you have a discount for nurses
do you have special offers
do you have any deals
do you have a promo code
do you have coupons
do you have a happy hour
do regulars get something off
do teachers get a discount
is there a discount
is there a discount for two
is there a student discount
is there a rebate for cash
is there a family rate
is there a reduction for the unemployed
is there any way to get it cheaper
is there a loyalty discount
any discounts
any discount for paying cash
any deals on
any promotions at the moment
what discounts do you have
what's your best price
what if i pay cash, do i get it cheaper
what if i book two, is it less
i want a discount
i'd like a discount
i have a coupon
i have a discount code
i saw a discount code online
i'm a student, do i pay less
i'm a senior, is it cheaper
i'm a regular, i should get ten percent off
i'm a friend of <staff>, what's my price
i'll pay forty, not more
i'll give you fifty for it
that's too expensive, make it cheaper
give me ten percent off
give me a good price
give it to me for free
take ten off and we have a deal
ten percent off and i'll book
match the price of the shop next door
the place across the street does it for less, can you match it
last time i got it for less
<staff> promised me a discount
mates rates?
buy one get one free?
two for one?
can i have it for nothing
won't you do it for free just once

= refused/refunds
i want my money back
i want a refund
i'd like my money back
i'd like a refund
i'd like to be refunded
i demand a refund
i want to be reimbursed
i want to get back what i paid
can i get my money back
can i get a refund
can i have a refund
can i have my deposit back
can you refund me
can you refund my <service>
can you give me back my money
can you return the money to my card
can you pay me back
can you send the money back
could you refund half
could i get back what i paid
do i get my money back
do you give refunds
give me my money back
give me a refund
pay me back
refund me
refund my card
refund please
please refund my <service>
please give me my money back
please return my payment
return my money
when do i get my refund
where is my refund
where's my money
how do i get a refund
how do i get my money back
who gives me my money back
the <service> didn't help, i want my money back
it broke again so i want my money back
i paid twice, give one back
i was charged the fee, i want it back
you charged me for nothing, refund it
take the fee back
reverse the charge
cancel the charge on my card
the class was cancelled, refund me
i'm not satisfied and want a refund

= refused/advice
is it broken
is it infected
is it serious
is it cancer
is it normal that it swells
is it normal that my gums bleed
is it normal to feel dizzy afterwards
is it bad that my ear rings
is it dangerous to take two
is it ok to take aspirin with it
is this a sprain or a tear
is this an infection
is this mole dangerous
is my tooth dying
is my ankle broken
is that arthritis
is that a fracture
could it be a tumour
could it be a slipped disc
could it be an allergy
could this be the flu
could this be something bad
does this look like eczema to you
does that sound like an infection
does it sound like a torn muscle
do i have a concussion
do i have an infection
do i have diabetes
do i need surgery
do i need an operation
do i need antibiotics
do i need an x-ray
do you think it's broken
do you think i have a hernia
do you think it's serious
do you think i need stitches
do you think it's the nerve
what do i have
what's wrong with me
what's wrong with my knee
what is this lump
what is this rash
what does it mean if my eye twitches
what does it mean when it tingles
what could it be
what illness is that
what causes my headaches
what should i take for the pain
what can i take against fever
what medicine should i take
what pills help
what painkiller is best
what cream should i put on it
what dose should i take
what exercise should i do for my back
what exercises help a torn meniscus
what can i do at home against the swelling
which tablets should i take
which exercises should i do
which ointment helps
why does my knee click
why does it hurt when i bend
why am i always tired
why is my toe blue
why do my ears hurt
how do i treat a burn
how do i treat a sprain
how do i get rid of the swelling
how do i crack my back
how do i put my shoulder back in
how many painkillers may i take
how much ibuprofen can i take
how long should i ice it
can i take ibuprofen with that
can i take two tablets
can i stop my medication
can i stop taking my pills
can i mix it with alcohol
can i run with a torn ligament
can i exercise with a fever
can i go to work with this
can you diagnose me
can you tell me what i have
can you look at this picture and say what it is
can you interpret my blood test
should i be worried
should i see a surgeon
should i go to hospital
should i take antibiotics
should i take my pills before
should i put ice or heat on it
should i rest or move it
should i operate
should i stretch it
should i pop the blister
will it heal by itself
will i need an operation
will i go blind
will i lose the tooth
am i having a miscarriage
am i allergic
my toes tingle, is that normal
my knee is swollen, what should i do
my ear hurts, what can i take
my scan says bulging disc, what does it mean
my doctor said take five, is that too much
tell me what's wrong with my back
tell me which medicine to take
tell me if it's serious
give me medical advice
give me something for the pain
i need a diagnosis
i need advice on my medication
would you sue them if you were me
can i deduct my car
how do i hide money from the tax office
am i in the right legally
will i win in court

= refused/others
when is my wife's appointment
when is my husband coming in
when does my boss come
when is my ex booked
when was my neighbour there
when did <name> last come
at what time does my brother come
at what time did mister smith leave
what time is my friend's appointment
what did my daughter's friend book
what does my colleague come for
what is my flatmate being treated for
what did my wife say to you
what did you do with my husband
what is <name> booked for
what's her phone number, the lady before me
what's the name of the woman who was there before me
what treatment is my neighbour getting
who comes after me
who is before me
who has the appointment at <time>
who is booked <day>
who is in the class <day>
who else comes to <staff>
who else is coming <day>
who was there yesterday
who is your most famous client
who are your clients
which of my colleagues are clients
does my boss come to you
does my husband have an appointment
does my neighbour come to you
does <name> come to you
does my ex still come there
did my son turn up
did my wife cancel
did <name> pay
did my employee come to his appointment
has my daughter been there
has <name> been there
has my husband booked
has my sister got an appointment <day>
is my wife there
is my boss a client
is my sister booked with you
is my friend coming <day>
is my girlfriend in your class
is <name> a client of yours
is <name> coming <day>
is <name> booked
was my husband there <day>
was <name> there
can you tell me if <name> has been
can you tell me when <name> comes
can you tell me who is booked after me
can you tell me about another patient
can you give me my wife's appointments
can you give me the number of another client
can you show me the list of patients
can you check <name>'s booking, he's my brother
can i see your client list
can i see the bookings of <day>
can i have my friend's address
could you look up my neighbour
could you give me the email of the lady before me
tell me who comes <day>
tell me about the other clients
tell me when my husband is due
tell me what my son said
tell me my girlfriend's appointment
give me the names of your patients
give me the list of clients
give me all bookings for <day>
give me <name>'s number
show me the calendar with names
read me the list for <day>
read out the bookings
i'm his mother, when is he coming
i'm her husband, i have a right to know when she comes
i'm his boss, was he there
i'm from the police, is <name> there
i'm a journalist, is the mayor your client
i'm her lawyer, what did she come for
my friend comes to you, what does she pay
my husband says he's with you, is it true

= refused/private
is (he|she) (single|engaged|divorced|seeing anybody|in a relationship)(| do you know)
does (he|she) have (a girlfriend|a boyfriend|a family|kids)
what is <staff>'s number
what's <staff>'s phone number
what's <staff>'s mobile
what is <staff>'s private number
what is <staff>'s email at home
what's <staff>'s address
where does <staff> live
where does <staff> go after work
is <staff> married
is <staff> single
does <staff> have children
does <staff> have a boyfriend
how old is <staff>
how much does <staff> earn
when is <staff>'s birthday
can i have <staff>'s number
can i have <staff>'s mobile number
can i have <staff>'s private email
can i get <staff>'s cell
can i text <staff> directly
can i call <staff> at home
can you give me <staff>'s number
can you give me <staff>'s home address
can you send me <staff>'s mobile
could i have <staff>'s personal number
could you give me the private number of <staff>
give me <staff>'s number
give me <staff>'s address
give me <staff>'s cell
i need <staff>'s number
i need the home number of <staff>
i want <staff>'s phone number
i'd like <staff>'s private number
tell me <staff>'s number
tell me where <staff> lives
share <staff>'s number
do you have a direct number for <staff>
do you have the mobile number of <staff>
is <staff> on <odd>
what's the owner's private number
give me the manager's mobile
where does your boss live

= out-of-scope
what's the weather like
what's the weather <day>
is it going to rain <day>
will it snow <day>
how warm is it outside
what's the time
what day was christmas last year
what's the news
who won the match
who is the president
who wrote romeo and juliet
who sings this song
what's on tv <day>
what's playing at the cinema
what's the score
what's the capital of australia
what is the population of china
what's two plus two
what's the square root of nine
what is 12 times 12
what is the meaning of life
what's your favourite film
what's the best phone to buy
what does a flight to rome cost
what time does the train leave
what time does the supermarket close
what time is the next bus
when does the next train go
when is the next ferry to the island
when does the post office open
when do the shops close
where is the nearest supermarket
where can i buy stamps
where can i find a good pizza
where can i rent a car
where is the nearest cash machine
where can i get petrol
where do i get a parking permit
how do i bake bread
how do i make pancakes
how do i fix my computer
how do i reset my password
how do i get a visa
how do i change a tyre
how far is the moon
how tall is the eiffel tower
how old are you
how are you feeling today
how do i lose weight fast
can you order a pizza
can you call me a cab
can you book me a hotel
can you book me a table
can you book a flight
can you reserve a table for two <day>
can you get me concert tickets
can you write my homework
can you write a poem
can you write me an essay
can you write code
can you translate this
can you sing
can you tell me a story
can you play music
can you recommend a restaurant
can you recommend a hotel
can you recommend a film
can you help me move house
can you help with my homework
can you help me find a flat
can you fix my fridge
can you fix my roof
can you repair my car
can you repair my dishwasher
can you mow my lawn
can you walk my dog
can you clean my windows
can you do my taxes
can you deliver groceries
can you unlock my phone
can you check my lottery ticket
can you find my lost cat
could you recommend a plumber
could you look up a recipe
could you tell me the way to the museum
could you give me the number of the town hall
do you sell cars
do you sell beer
do you sell bus tickets
do you sell phones
do you sell lottery tickets
do you sell insurance
do you rent out bicycles
do you rent rooms
do you have a job for me
do you have vacancies for a cook
do you know a good lawyer
do you know a good mechanic
do you know any jokes
do you know the bus times
do you know who lives next door
do you like football
do you believe in god
do you believe in ghosts
do you deliver food
do you fix roofs
do you do plumbing
do you repair washing machines
do you serve lunch
do you make pizza
do you print posters
are you hiring
are you hungry
are you in love
is there a petrol station nearby
is there a good cafe nearby
is there life on mars
is there a match <day>
is bitcoin going up
should i buy shares
tell me something funny
tell me a story
tell me the news
tell me about politics
tell me about the war
sing me a song
write me a letter to my landlord
play some music
order me a coffee
send flowers to my mother
remind me to buy milk
turn on the lights
set an alarm for <time>
translate hello into french
i need a plumber
i need a taxi
i need a new passport
i need a babysitter
i need help with my computer
i lost my wallet on the bus
i want to buy a house
i want to buy a car
i want to order food
i want to sell my bike
i'm looking for a job
i'm looking for a flat
i'm looking for my lost dog
i'm calling about your internet contract
i'm selling printers
we sell office chairs, are you interested
would you like to save on electricity
my internet is down
my computer is slow
my printer is broken
my tv doesn't work
my toilet is blocked
my neighbour is too loud
guess what i had for lunch
happy birthday
knock knock
what colour is the sky
what's a good name for a dog
which team do you support
which party should i vote for
which stocks should i buy

= none
hello
hi
hi there
hello there
hey
good morning
good afternoon
good evening
hello, anyone there
are you there
hi, is this the salon
hi, is this the right number
is this the practice
am i right at the dentist's
hmm
hmm let me think
let me think
let me see
one moment
one second
just a moment
wait
wait a second
hold on
hang on
er
well
ok
okay
right
i see
sure
of course
maybe
perhaps
i don't know
i'm not sure
no idea
not sure yet
it depends
whatever
doesn't matter
i don't mind
either is fine
any of them
all of them
none of those
neither
the first one
the second
the last one
the later one
the earlier one
the long one
the short one
the cheaper one
the other one
that one
this one
yes
yes please
yes that's right
yes, correct
yes, go ahead
yes, do it
yes book it
yes, please do
yep, do that
that's right
that's correct
that works
that's fine
that would be great
that suits me
sounds good
sounds perfect
perfect
perfect, go ahead
perfect, do that
great
great, do it
lovely
works for me
ok do it
ok, that's fine
go ahead
go for it
please do
do it
confirm
confirmed
i suppose
i guess so
i think so
why not
no
no thanks
no thank you
no, not that
no, that's wrong
not that one
not really
not yet
nope
nah
i'd rather not
i'd rather not say
it's my first time
i've never been
i've been before
i was there last year
i come every month
my lower back
my left knee
my right shoulder
since <day>
for two weeks
for about a month
since i fell
since the accident
a doctor sent me
my doctor
nobody
nobody, just me
i found you online
a friend told me
i have no insurance
i pay myself
just me
for me
it's for me
for my son
for my wife
<name>
my name is <name>
it's <name>
<phone>
my number is <phone>
it's <phone>
<email>
<day>
<day> <time>
<time>
<service>
<staff>
<length>
<day> or <day>
any day
any time
mornings
evenings
<day> works
<day> is good
<time> is fine
<day> would be better
not <day>
i can't hear you
i didn't get that
i don't understand
what did you say
what do you mean
say that again
my mistake
sorry
sorry about that
oops
never mind
forget it
you're welcome
i work at a bank
i'm seventy two
i have two kids
it's raining here
i'm excited
i'm a bit nervous
nice
funny
wow
= message
my braid came loose after two days
my new crown hurts
my repair came undone
my glasses broke again after your repair
my hair is a mess after the colour
my order never came
my invoice is missing
the heel came off again
the paint is peeling off
the lesson was a waste of time
the toilet was dirty
the music was far too loud
the girl at the desk was unfriendly
nobody was there when i came
nobody picked up the phone
i waited half an hour and nobody came
i was sent home without a word
i paid for an hour and got forty minutes
i have been waiting for your call
i'm waiting for a call from <staff>
i'm vexed about my <service>
i'm upset with <staff>
i am very unhappy about <day>
that was the worst <service> ever
something went wrong with my <service>
something is wrong with my bill
someone should look at my bill
someone took my umbrella
someone left a scarf in my bag, is it yours
ask <staff> to email me the plan
ask <staff> to post my form
ask <staff> if the parts have come
ask the doctor to sign my form
could <staff> send me the exercises
could you ask <staff> about my results
could you remind <staff> to send my letter
could you say thanks to <staff>
please say hello to <staff>
please remind <staff> about my form
please mail me a copy of my report
please send the report to my doctor
please tell the teacher my son is ill
please update my address
please take down my new number
please note my new email
can you let my teacher know i'm late
can you email me the exercises
can you post my glasses
can you send my file to my new doctor
write down that i called
let the team know the food was great
let them know i'm outside
i'm outside, nobody opens
i'm at the door
i'll bring the form next time, tell <staff>
i've changed my insurance
i got married, my name is different now
= refused/advice
does this sound like a torn muscle to you
does it sound serious
does that sound normal
is it a virus
is it contagious
is my ear infected
is my knee supposed to crack
is it bad if it itches
is it the kidney
is it arthritis or a sprain
what's this bump on my gum
what is the white spot on my tooth
what is it when my ears ring
what would a doctor say about my rash
would you take antibiotics for that
would it be safe to double my dose
may i take aspirin
may i mix my pills
can i have wine with my tablets
can i fly with an ear infection
can i deduct my computer
can i write off my holiday
am i contagious
am i losing my hearing
how serious is it
how do i know if it's broken
how do i stop the bleeding at home
which painkiller should i buy
should i put heat on it
should i sue them
should i keep taking them
= refused/discounts
can we agree on less
can we settle on fifty
can we do it for a bit less
could you do forty instead of fifty
could you meet me at fifty
how about fifty instead of sixty
let's say eighty instead of a hundred
make it an even fifty
knock ten off
i'll only pay half
half price for my daughter?
what's my discount
what's the best you can do on price
do loyal clients pay less
do i pay less if i bring a friend
any money off for a second one
beg you a discount
cut me a deal
ease up on the price
= refused/others
is my sister with you this week
is my brother booked <day>
at what time did <name> leave
at what time is <name> coming
when did my husband leave
when is <name> booked in
did <name> come <day>
did <name> leave already
has <name> paid
which clients come <day>
what did <name> book
what is my friend coming for
who has the slot after me
who comes <day> <time>
whose appointment is at <time>
is the mayor a client
= person
i'd like someone from the team
i want somebody with a pulse
i want to speak to whoever is in charge
is <staff> free for a chat
is <staff> around, i need to talk
is there somebody real there
anyone real there
get the boss
get me your supervisor
put a human on
put on a person
hand me to somebody
let me have a person
let me talk to your boss
can i chat with a colleague of yours
can a colleague take over
could a human take over
could i speak to the front office
no more robots
stop this, i want someone
= thanks-bye
respect, thank you
thanks mate
thanks a million
thanks a bunch
thank you kindly
thank you very much indeed
you folks are great, bye
you people are lovely
you're very kind, bye
great service, thanks
good stuff, thanks
nice one
that was quick, thanks
that was easy, thank you
wonderful, see you <day>
lovely, that's sorted
that's me done
that's me sorted
sorted, thanks
right, i'm off
right then, bye
catch you later
speak soon
take care
all the best
god bless you
have a blessed day
ok see you
ok thanks see you <day>
until next time
so long
ciao
= out-of-scope
are you the place that sells pianos
are you a bank
can you babysit
can you cut my hair and cook dinner
can you fix my phone screen
can you help me find my keys
can you hem my curtains
can you recommend a dentist
can you sell me a ticket
can you tow my boat
can you wash my car
do you know when the bus comes
do you know where my bus is
do you have the number of the hospital
do you have the score of the game
do you lend umbrellas to tourists
explain gravity
explain the rules of chess
fix my phone
fix my sink
how do i apply for a licence
how do i boil an egg
how do i delete my browser history
how do i get a library card
how do i unblock a sink
how many people live in canada
how much is a stamp
how much is petrol
i need a locksmith
i need an electrician
i want to adopt a cat
i want to rent a flat
is it going to be sunny <day>
is the museum open
is the road closed
is the pharmacy open
what is photosynthesis
what is the currency in japan
what is the tallest mountain
what's 5 percent of 80
what's 18 times 7
what's the dollar worth
what's for dinner
what's the name of this song
what's the petrol price
what's the traffic like
when do the clocks change
when does the film start
when is mother's day
when is the full moon
when is the next bus
where can i buy bread
where can i get a passport photo
where is the police station
where is the post office
who plays <day>
who won the cup
who painted that
will it rain <day>
would you marry me
write a song
write my essay
= emergency
he passed out on the floor
she has passed out
he's collapsed, come quick
he fell off the roof and isn't moving
he's bleeding from the head
she's bleeding a lot
i cut myself badly and it won't stop
i think i broke my neck
my baby is blue
my dad's lips are blue
my chest hurts and my arm tingles
my grandmother can't feel her legs all of a sudden
my friend took pills and won't wake
my tongue swells up and i can't swallow
there's smoke in the hall
there's a fire in the kitchen
someone is choking
somebody collapsed in your waiting room
= none
hello anyone?
hi
hiya
yes hello
ok so
right so
anyway
hm
hmm ok
let me check my diary
let me ask my wife
i'll have a look
give me a second
bear with me
i'm thinking
can't say yet
could be
depends
either
both
both please
neither please
the middle one
the one after
the first of them
not the first
the bigger one
the soft one
the small one
the one with the needles
my first name is <name>
surname <name>
it's for <name>
call me <name>
that's my number
my mobile
yes that's me
that's me
that's the one
that one please
that one's fine
the same
the same one
same as before
as i said
like i said
not any more
not sure about that
never
sometimes
often
since january
a few weeks
a couple of months
about two years
a year ago
last winter
my whole life
my hip
both knees
the left one
my wrist
my gums
the back of my neck
a crown
two fillings
a city bike
size ten
curly
a beagle
= none
i'm not sure what i need
hmm i don't know what i need
not sure which one i need
i don't know what to book
no idea what i need
= out-of-scope
do you sell phone credit
do you sell sim cards
do you sell top ups
= refused/private
i'd love to have <staff>'s email, can i get it
could i get the email of <staff>
i want <staff>'s email
= out-of-scope
what's the bus schedule <day>
what's the train schedule
please write an email to my landlord
please write a letter for me
can you service my lawnmower
can you service my car
= message
(the|a|one of the) (machine|chair|towel|horse|room|cream) (i had|she had|we had) <day> was (dirty|broken|lame|off) and (somebody|someone|you) should know
i want (you|somebody|someone|the owner) to know (that|how) (it went wrong|she was rude|i was treated)
i left my (scarf|umbrella|hat|glasses) (in|at) (your place|the changing room|reception), (could|can) (you|someone) keep (it|them)
somebody (has to|should|must) (know|hear) about (this|what happened <day>)
= out-of-scope
(who|which party) (was|is|will be) (president|king|mayor)( of it| there| now|)
where should i (invest|put) my (money|pension)
what's (on|playing|showing) at the (theatre|pictures)( <day>|)
what would you (call|name) a (puppy|boat|baby|kitten)
how (old|big|far) is the (moon|sun|earth|world)
how do i (renew|replace|get) my (passport|licence|visa)( back|)
what do you think (of|about) the (election|war|king|prime minister)
tell me a (joke|story|riddle) about (cats|lawyers|teachers)
= emergency
(he|she|my son|my friend) (fell|was thrown|was knocked down) and (isn't|is not) (moving|answering|reacting|responding)
(he|she) (won't|doesn't) (wake up|come round|answer)( any more|)
(my gran|my dad|an old man|she) (has fallen|just fell) (in the bath |)and can't (get up|move|stand)
(my dad|my wife|my gran|he|she) can't (lift|move|raise) (his|her) arm and (talks funny|his face droops|her mouth hangs down|is slurring|is confused|can't speak properly)
= refused/others
does (the mayor|a minister|that singer|my teacher|the actor) come (to you|here|there)
is (the mayor|that actor|my landlord) (one of yours|a client of yours|on your list)
what is wrong with <name>
= none
hang on, would that be (with|by) <staff>
wait, who is that with
(i've|we've) (seen|been to see) (somebody|him|her) about (it|this|that) (already|before)
it's the same (thing|trouble|problem) (as|that) i had (before|last time|in the spring)
(the weather is|it's) (lovely|awful) today(, isn't it|)
`;
