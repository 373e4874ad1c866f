/** Questions as people write them, of many trades; most stand for nothing but themselves. */
export const ASKED = String.raw`
= ask-price
what's the price of your cheapest <service>
how much money should i bring
how much does it cost to have my dog's teeth cleaned
what do you charge for a house call
could you quote me for four new tyres
are weekend appointments more expensive
is the consultation free of charge
is there a charge for the first meeting
how much per session
how much for two of us
do kids cost less than adults
what would the full package come to
how much is the deposit
is it cheaper to buy ten at once
how much is a will
what are the fees for a consultation
your fee for <service>
price for gel nails
what's the hourly rate of <staff>
is <staff> more expensive than <staff>
does it cost the same with <staff>
how much would you want for <length>
is <length> enough or do i have to pay for <length>
what does the short one cost
the price of the long one please
is a <service> really a hundred and twenty
so it's sixty dollars for <length>, right
am i right that <service> is forty five
i read that <service> costs eighty, is that still true
did the prices go up this year
what was the price again
which is the least expensive thing you do
how much more is the <length> one
what's the difference in price between <service> and <service>
how much do i save if i take the short one
is a <service> pricey
i'm on a budget, what does the shortest <service> cost
what do you take for a quick fix
do i pay extra for long hair
does the price include the drinks
is the material extra
does <service> come at an extra cost
what would it be for <places>
how many euros is <service>
how much do you ask for a passport picture
what will i have to pay for <service>
what am i going to pay
ballpark figure for <service>
can you give me a rough idea what <service> costs
what do you charge per hour
what's your rate
rates for <service>
costs for <service> please
i wanted to ask about the price of <service>
just wondering what <service> costs
could you let me know how much <service> is
would you mind telling me the price of <service>
i'd like to know your prices for <service>
and the price
and how much is that
how much is it
how much are they
what does that cost
do you have a price list
can i see a list of prices
what do lessons cost
what is a <service> worth with you
do you charge by the hour
are the prices on the website right
is vat included
is the first lesson free
is it true that <service> is free
do you do anything under fifty
which costs less, <service> or <service>
which one is cheaper, the <length> or the <length>
what's better value, one <length> or two <length>
what's cheaper, three short ones or one long one
what's the total for <service> and <service>
what do both together cost
how much for a <service> and a <service>
is there an extra fee on <day>
how much do i owe you for <service>
how much is a membership
what would a new battery cost
the price of a haircut for a child
how much does an eye exam run
do you charge for measuring
is there any cost for the try-out
what's a private lesson with <staff> cost
what would you charge for a small tattoo
how much for waxing both legs
is it dearer in the evening
whats the cost
wots the price of a <service>
how mutch is <service>
price?
cost of <service>?

= ask-service
what is <service>
what is <service> exactly
what's <service> like
can you tell me about <service>
could you explain what <service> is
what do you do in a <service>
what does a <service> look like
what happens during <service>
what can i expect from <service>
what comes with a <service>
what is part of <service>
what's included in <service>
is <service> done by hand
how long is <service>
how long will it take
how long does <service> last
how many minutes is the short one
how much time should i plan for <service>
does <service> take long
will i be done within <length>
how many sessions do people usually need
how often should one have <service>
how many times do i have to come
is one <service> enough
how soon does it work
how soon after <service> can i swim
how long after <service> may i exercise
can i go running straight after a <service>
when can i wash my hair after <service>
can i drive after <service>
can i eat before <service>
should i eat something before
do i have to come with an empty stomach
can i drink coffee before <service>
is <service> okay after an operation
is <service> ok when breastfeeding
is <service> safe for diabetics
is <service> all right if i have a cold
can i come with high blood pressure
can someone with a pacemaker have <service>
i'm seventy, is <service> something for me
is <service> for men too
is it suitable for children
is it right for somebody who has never done it
is the class hard
do i have to be fit for the class
is the course for beginners or for advanced people
is <service> good for headaches
does <service> help against stress
will <service> help me sleep
what helps against a sore throat
which <service> is best for a stiff neck
which of your treatments would you pick for dry skin
which one should i take
which service do i need for a squeaking brake
i don't know which one i need, a <service> or a <service>
what would you recommend for tired legs
what do you advise for a bad back
what can you do about my snoring
can you do something about wrinkles
do you do anything for migraines
do you have something for tense shoulders
do you treat children
do you take dogs
do you treat sports injuries
do you also repair zips
do you work on electric bikes
do you work with horses as well
do you do weddings
do you offer gift wrapping
do you offer online lessons
do you have a course in italian
do you do eyebrows
do you handle divorces
do you deal with insurance claims
do you teach drums
do you have hot stones
do you have something like a trial lesson
do you provide <own>
do you guys do <odd>
do you do <odd>
are you able to fix a cracked screen
can you repair a laptop
can you remove a tattoo
can you make keys
can you cut curly hair
can you colour over henna
can you help with a visa application
is it possible to get a perm at your place
is <service> something you offer
is <odd> something you do
is <service> still on offer
does <service> hurt
is it painful
will it bleed
will it leave a mark
will i be sore the next day
do i feel anything during <service>
are there side effects
is there any risk
are the needles new each time
is everything sterilised
do you use natural products
which products do you use
what oil do you use
what kind of needles do you use
what machines do you have
is it done with a laser
do you use a blade or clippers
what's the difference between <service> and <service>
how is <service> different from <service>
how does <service> differ from a normal one
is <service> the same as <service>
is <service> better than <service>
what should i bring to <service>
what do i bring
do i need my own mat
do i bring my own shoes
shall i bring the old parts
which papers do i need for <service>
what do i have to prepare for <service>
do i have to do something beforehand
what should i wear for <service>
is there a dress code
can i keep my clothes on
do i have to take my shirt off
do i need to undress
should i shave before
do i need to wash it before i come
can my partner sit with me during <service>
can we do it together as a couple
may i watch
can my kid come with me into the room
how many people are in the class
how big are the groups
from what age is the class
is my ten year old old enough
is there an upper age
who is <service> for
can two people do it at once
do you do <service> on the same day as <service>
can it be done in one visit
can it be done while i wait
is there a waiting time before the second one
how long do the results last
how long does it hold
how long does the colour stay
when will it be ready
how long until i get it back
do you have <service> in the evenings
is <service> also done by video
can you do <service> at my home
is <service> indoors
do you give a guarantee on <service>
tell me more about <service>
more information on <service> please
i'd like to know more about <service>
i have a question about <service>
is <service> with or without washing
does <service> come with a report
what do i get for that
will i get a plan to take home
is there homework
what about <service>
how does <service> work
does it work for thin hair
does that work with braces
would <service> be any use for a slipped disc
is it worth getting <service> for a small scratch
i've got a mole, do you look at such things
is there a pool
have you got a sauna
do you sell shampoo
do you have parking sensors in stock

= ask-hours
when are you open
what hours are you open
what are the hours
when do you open
when do you close
what time do you close on <day>
till when are you open
until what time are you there <day>
from when are you open on <day>
how early do you open
how late are you open
how long are you open today
are you open right now
are you still open
is anyone there now
is somebody in on <day>
are you there on <day>
are you there at lunchtime
do you close over lunch
do you have a lunch break
are you open through the day
are you open on holidays
are you closed <day>
will you be open <day>
do you work <day>
do you work weekends
do you work evenings
do you guys work on <day>
can one come on <day>
can people come in on <day>
is it possible to come on <day> at all
are you open late on any day
which day are you open longest
which evening are you open late
do you have late opening
is there a day when you're closed
what days are you open
which days are you closed
are you closed for the holidays
when are your holidays
do you close in summer
are you open between the years
is the office manned on <day>
is the shop open on <day> <time>
is the front desk staffed <time>
opening hours
opening hours please
business hours?
hours?
open <day>?
open today?
your hours on <day>
what time does the shop open
what time does the studio close <day>
could you tell me when you're open
may i ask when you close
when's the latest i can come
when is the earliest you're there
how early can i come in the morning
do you open before <time>
are you open after <time>
are you open at <time>
is <time> too late for you
are you back after the holidays
what time does the place shut
when does the salon open on <day>
what are your times on <day>
when can i reach you
at what hours can i phone
do you take calls on <day>

= ask-place
where are you
where are you exactly
where is it
where's your office
where is your shop
where can i find you
what's your address
what is the address
what street are you on
which road are you on
what's the postcode
what part of town are you in
are you in the centre
are you the shop opposite the church
are you the one beside the bakery
is it near the station
is it close to the mall
how far are you from the airport
how do i get there
how do i get to you
how can i get there without a car
how do i come from the motorway
can i walk from the station
which bus goes there
which tram stops near you
is there a bus stop close by
nearest station?
nearest bus stop
where do i get off
where do i put my car
where can i leave my bike
do you have parking
do you have your own parking spaces
is parking free
can i park in front
can i park a van there
is there somewhere to park a trailer
is there space for a bike
is there a charging point for cars
are there stairs
are there many steps
is it on the ground floor
is it step free
can i get in with a pushchair
can i get in with a walker
can a wheelchair get in
is it accessible for wheelchairs
my mother uses a walker, can she get in
i can't climb stairs, is that a problem
which door do i take
where is the entrance
which bell do i ring
is the entrance at the back
do i have to go round the back
where do i go when i arrive
can you send me directions
do you have a map
could you send me the location
what's near you
what is the building called
do you have a second shop
have you got a branch in town
where in <odd> are you
are you in <odd>
is your place easy to find
is there a drop off zone
can the taxi stop outside
how is the traffic around there
address please
location?
parking?
directions please
where abouts are you

= ask-policy
can i pay by card
can i pay with my phone
can i pay in cash
can i pay afterwards
can i pay later
can i pay next time
can i pay at the end of the month
can i pay in two parts
do i have to pay in advance
do i pay before or after
do i have to leave a deposit
do you need my credit card
do you take <odd>
do you take apple pay
do you accept bank transfer
do you accept vouchers
which cards do you take
how can i pay
how do i pay
what forms of payment do you take
do you have a card reader
is cash ok
can you send me an invoice
do you send invoices
will i get a receipt
can i have a receipt for my employer
do you work with insurance companies
do you take my insurance
does my plan cover <service>
does <odd> cover <service>
does <odd> insurance pay for it
is <service> covered by insurance
is <service> reimbursed
will my insurance pay
do you bill the insurer
can you send the bill to my insurance
do i need a referral
do i need a letter from my doctor
do i need a prescription
can i come without a referral
do i need to bring identification
do i need an appointment
can i just drop by
can i come without an appointment
can one come by without booking
do i have to book ahead
how far ahead do i have to book
how long in advance should i book
how far in advance can i book
how many appointments can i make at once
can i book for somebody else
can i book online
do i have to give my phone number
do i have to give my email
do you need my address
what do you need from me to book
what happens if i don't show up
what happens if i cancel
what if i can't come
what if i'm late
what if i have to cancel on the day
what if i'm sick on the day
what if it rains
what if i don't like it
how late may i be
will you wait if i'm ten minutes late
do you charge for missed appointments
do you charge if i cancel late
is there a cancellation fee
is there a late fee
how much is the late fee
how long before can i cancel
until when can i cancel
until when can i change my appointment
can i cancel free of charge
can i move it for free
can i change the time later
do i get a reminder
do you remind people
do you send a text before
will you call me before
how will i be reminded
will i get a confirmation
do you confirm by email
how do you handle my data
what do you do with my data
is what i tell you confidential
is my information safe
who can see what i write
do you record calls
do you share my details with anyone
how long do you keep my file
do you sell gift cards
do you have vouchers
can i use a voucher for <service>
how long is a gift card valid
does a voucher expire
can i give my voucher to someone else
can i exchange my voucher
can i bring my dog
are dogs allowed
are pets allowed
can i bring my children
can i bring my baby
may i bring a friend
can my mother come along
can i take someone with me
can i bring my own food
can i eat there
may i take photos
can i leave my bags with you
can i leave my things at the desk
can i drop it off earlier
can i drop my papers off after closing
can i pick it up later
can somebody else pick it up for me
is there wifi
is there a toilet
do you have a shower
is there somewhere to change
do you have lockers
is there a waiting room
can i wait inside
is there something to drink
do i have to wear a mask
do you have rules about phones
is smoking allowed
do minors need a parent
does a parent have to be there
is there a minimum age
do you have student memberships
do you have subscriptions
can i pause my membership
can i transfer my lesson to my sister
is it possible to switch teachers
do you give certificates
should i tip
is tipping usual
is the tip included
do i have to be vaccinated
do i have to register first
is there a waiting list
do you have a guarantee
what's your return policy
can i bring it back if it doesn't fit
what if something is wrong with it afterwards
do you take trade-ins
how early should i be there
how early do i have to come
do i need to come early
do you keep my old prescription
are you a registered practice
can i get my file
cards ok?
cash only?
card or cash

= ask-staff
who works there
who are your people
who does <service>
who gives the <service>
who would do my <service>
who will see me
who would i be seeing
who teaches the class
who is in charge
who's the boss
who owns the salon
who is the owner
who is the most experienced
who is best for <service>
who's good with kids
who knows about curly hair
who can do colour
who is there on <day>
who is in today
who's working <day>
who works on <day>
who is free on weekends usually
which dentist is good with children
when does <staff> work
when is <staff> there
when does <staff> start on <day>
until when does <staff> work
what time does <staff> finish
what are <staff>'s hours
is <staff> in on <day>
is <staff> there today
is <staff> working <day>
is <staff> still with you
is <staff> back from holiday
is <staff> on holiday
does <staff> still work there
does <staff> work <day>
does <staff> work weekends
does <staff> do <service>
does <staff> also do <service>
does <staff> treat children
does <staff> speak german
does <staff> have experience with babies
can <staff> do <service>
is <staff> qualified
is <staff> a doctor
is <staff> a man or a woman
is <staff> good
what does <staff> do
what is <staff>'s job
what is <staff> specialised in
tell me about <staff>
who is <staff>
do you have a woman who does <service>
do you have any women
do you have a male teacher
is there a man who does it
is there a female doctor
is there a lady for <service>
have you got a specialist for knees
is there someone who knows about hearing aids
is there someone who speaks <odd>
does anybody speak spanish
do any of you speak sign language
what languages do you speak
how many people work there
how many therapists do you have
how long has <staff> been with you
what training does <staff> have
are your people trained
are you all certified
what are the names of your trainers
can i choose who does it
can i choose my teacher
can i always have the same person
is it always <staff> who does <service>
is <service> done by a doctor
is <service> done by <staff>
who was the lady i saw last time
what's the name of the tall man at the desk
what is the name of your manager
who should i ask for
who do you recommend for <service>

= ask-availability
do you have anything <day>
have you anything free <day>
anything free <day>
anything going <time>
any appointments left <day>
any slots <day>
any openings <day>
any space <day> <time>
any chance <day>
any luck with <day>
what's free <day>
what do you have <day>
what have you got <day>
what times are there <day>
which times are free for <service>
which days have you still got
when do you have time
when is there a free slot for <service>
when could i come for <service>
when could i see <staff>
when could somebody see me
when would you have time for <service>
when's the next free appointment
when is the next slot
when is the earliest
what's the earliest you can do
what's the earliest for <service>
what's your first free appointment
what's the next time <staff> is free
what is the soonest i could get <service>
how soon could i come
how soon can <staff> see me
how soon do you have a <service>
how long is the wait for an appointment
how long is the waiting list for <staff>
how booked are you <day>
how full is <day>
how busy is <day>
are you busy <day>
are you booked up <day>
are you full <day>
are you fully booked
is <day> full
is <day> still free
is <day> possible
is <day> <time> free
is <day> <time> taken
is <time> still available
is <time> open <day>
is there room <day>
is there a slot <day> <time>
is there an opening with <staff>
is there any room in the class <day>
is there a place in the group
is there still space for <service> <day>
is there anything sooner than <day>
is there anything before <day>
is there anything with <staff> <day>
is <staff> free <day>
is <staff> available <time>
is <staff> booked out
does <staff> have a gap <day>
does <staff> have anything <day>
does <staff> have time <day>
does <service> have room <day>
has <staff> got anything <day>
have you got room for <places> <day>
have you got room for one more <day>
have you got space for <service> <day>
could you check whether <day> is free
can you look if there's something <time>
could you tell me what's open <day>
can you see if <staff> has time
would <day> <time> work for a <service>
would there be a slot <day>
would you have something <day> <time>
would <staff> have time <day>
do you still have places for <day>
do you still have room <day> <time>
do you have evening slots
do you have any morning appointments
do you have room <day>
do you have a cancellation <day>
did anybody cancel for <day>
are there any spots left <day>
are there places left in the class
are there still tickets for the workshop
show me what you have <day>
show me the free times
which slots are open <time>
what does <staff>'s calendar look like <day>
what's your availability <day>
availability for <service>
free slots for <service>
free on <day>?
<day> free?
<service> <day>, anything?
got anything <day>?
got time <day>?

= ask-mine
when is my appointment
what time is my appointment
what time do i have to be there
what time am i coming <day>
what day am i coming
which day did i book
which day is my <service>
what day is my <service> on
at what time is my <service>
when do i see <staff>
when am i seeing <staff>
when did i book
when was my appointment again
who am i booked with
who is my appointment with
with whom is my <service>
who do i see <day>
what have i booked
what did i book
what am i booked for
what appointments do i have
do i have an appointment
do i have anything booked
do i still have my slot <day>
do i still have an appointment with <staff>
have i got something <day>
have i booked for <day>
am i booked <day>
am i booked in
am i down for <day>
am i on the list for <day>
am i on the list for the class
am i still on for <day>
am i in the book
am i coming <day> or <day>
is my appointment <time>
is my appointment <day> or <day>
is my appointment still on
is my appointment confirmed
is my booking confirmed
is my <service> at <time> or <time>
is it <time> or <time> that i have to come
was it <time> or <time>, my appointment
was my appointment <day>
was that <day> or <day>, my <service>
did you get my booking
did my change go through
did the cancellation work
did you cancel my appointment
did you move my <service>
did i already book
did i make an appointment
can you check my appointment
can you tell me when i'm booked
can you see my booking
can you look up my appointment
can you find my booking
could you confirm my appointment
could you tell me the time of my <service>
could you remind me when i'm coming
could you look in the calendar when i come
please tell me when i have to come
please check whether i'm booked
please confirm my <service> <day>
remind me what time my <service> is
i forgot the time of my appointment
i forgot when my appointment is
i don't remember when i'm coming
i can't find my confirmation, when am i due
i lost the note with my appointment
i'm not sure whether i booked
i'm not sure if my appointment is <day>
i think i have something booked <day>
i think my appointment is <day>, is that right
i should have an appointment <day>
i have an appointment <day>, what time is it
i've got a booking, could you tell me the details
i just want to confirm my appointment <day>
just checking that my <service> <day> is still happening
just making sure i'm booked for <day>
how long is my appointment <day>
how many appointments have i left
how many bookings do i have with you
how much will my appointment <day> be
where do i have to go for my appointment
which room is my <service> in
which <service> did i book
details of my booking please
my next appointment?
my appointment <day>, who is it with
my appointment <day>, what time
my <service>, when is it
when is our <service>
when is my son's lesson
when is my daughter booked in
what time is my dog's appointment
= ask-availability
when could i see somebody about my hand
when could someone see my son
when could <staff> look at my ear
when could <staff> do my hair
when could you take me
when can you take me
when can i be seen
when can we come
when do you have a moment for my bike
what day could i come for a check
what would be the first possible day
what is the first time <staff> has
what's the first free day for <service>
any chair free <day>
any bed free <day> <time>
any openings with a woman <day>
any openings with <staff> <day> <time>
any time free with <staff> <day>
any gaps <day> <time>
any evening free for <service>
any luck with a slot <time>
anything open with <staff> <day>
anyone free <day> <time>
anybody free to see me <day>
somebody free <day>?
can <staff> take anybody <day>
is anyone free <day> <time>
is anybody free for <service> <day>
is a <service> possible <day>
is there a chance <day>
is there a possibility <day>
is there a free hour <day>
is there a time <day> for <service>
is there time <day> for <service>
is there any time left <day>
is there an evening free
is there somebody free <time>
is there a morning slot with <staff>
is the <time> slot gone
is the <time> one still there
have you space <day>
have you time <day>
have you a free slot <day>
have you got a spot <day>
have you any slots with <staff>
do you do <service> <day>, is there room
do you do anything <day> <time>
do you have something for me <day>
do you have a slot for two <day>
do you have places for <places> in the class
do you have early slots <day>
do you have late appointments
does anyone have time <day>
does somebody have a gap <day>
does <day> <time> work for you
does <day> still have room
would <day> <time> be free
would you have a gap <day> for <service>
could anyone see me <day>
could anybody do <service> <day>
could you tell me your next free slot
could you see me at all <day>
how does <day> look
how does <day> look for <service>
how about <day>, is that free
how many places are left <day>
how many seats are left in the class
how long until i could get a <service>
how far out are you booked
how far are you booked out
what's the wait for <service>
what's the waiting time for <staff>
what's left <day>
what's your calendar like <day>
what about <day>, anything
what are my options <day>
what openings are there for <service>
which times could i have <day>
which evenings are free
which day is quiet
are you able to see me <day>
are you able to fit somebody in <day>
are there any places <day> <time>
are there openings with <staff>
are there free times <day>
are all slots taken <day>
are you free <day>
are you free <day> <time>
are you already full <day>
did a slot open up <day>
got a slot <day> <time>?
got room for two <day>?

= ask-policy
is it compulsory to leave an email
is it required to sign something
is it mandatory to wear a helmet
is it possible to pay on account
is it a problem if i bring a friend
is it allowed to film
is it okay to bring my own music
is it fine if my kid waits inside
may i leave my bike with you overnight
may i leave my bag in the hall
may i drop the form off
may i pay with a cheque
may i bring my dog
may i swap my voucher
am i allowed to eat inside
am i allowed to change the date
am i covered if something breaks
are drinks included
are you insured
are refunds possible in general
are minors allowed alone
are credit cards ok
are phones allowed
are children under ten allowed
are the papers kept safe
are my details kept private
are my photos kept
could i pay in three parts
could my company pay
could my bill go to my employer
could somebody else collect it
could you send the receipt again by post
could you keep my file
could you bill my employer
do both parents have to sign
do both of us have to be there
do i get a certificate
do i get my money back if i'm sick
do i have to be a member
do i have to come in person
do i have to cancel in writing
do i have to pay if i can't come
do i have to show my passport
do i have to tell you about allergies
do i need to be insured
do i need a password
do i need to confirm
do i pay if you cancel
do i pay for parking
do you accept old vouchers
do you accept foreign cards
do you bill monthly
do you collect and deliver
do you deliver
do you file the claim
do you fill in insurance forms
do you give receipts
do you guarantee your work
do you keep records
do you need a deposit
do you need my insurance card
do you offer payment plans
do you offer sedation
do you post things
do you rent out equipment
do you send reminders
do you take new clients
do you take on new people
do you take insurance
do you take my old one in exchange
do you text before
does my insurance cover <service>
does the voucher work for <service>
does someone have to pick me up
does a parent have to stay
does it cost anything to move it
how do you protect my data
how do i pay
how do i file a claim
how do vouchers work
how does the waiting list work
how late can i be
how many days before must i cancel
how much notice do you need
how soon do i have to pay
how long do you hold a slot
how long do you keep my things
how long do i have to use my voucher
is a deposit needed
is a reminder sent
is my deposit returned
is there a fee for moving it
is there a charge for cancelling
is there a charge for late arrival
is there a dress code
is there a form to fill in
is there a guarantee
is there a membership
is there a monthly plan
is there a no show fee
is there a waiver
is there an age limit
is there anything to sign
is there coffee
is there wi-fi for clients
what do you charge for cancelling late
what do you do with my details
what do you do if i'm late
what if my child is sick that day
what if i forget to come
what if i lose my voucher
what if it breaks again
what if the bus is late
what if you are ill
what if i need to change the day
what is the latest i can cancel
what is your policy on dogs
what is your policy on late arrivals
what's the rule about phones
what's your privacy policy
what happens if i forget
what happens if i have to leave early
what happens with my deposit
what happens when it snows
where do i send the claim
where do i sign up for the newsletter
which insurance do you accept
which payment methods are there
who can cancel for me
who pays if it breaks
who sees my data
will i be charged if i move it
will i get a call before
will i get a receipt
will you hold my slot if i'm late
will you tell my doctor
would a voucher be accepted
would you bill my insurance
can my boss pay
can my daughter come alone
can i claim it back
can i claim it from my insurance
can i come back if it's not right
can i come with a walker and my dog
can i get a copy of my file
can i get the form by email
can i give my slot to a friend
can i pay half now
can i pay when i leave
can i pay with two cards
can i reschedule for free
can i send someone else
can i split the bill
can i take the parts home
can you email the receipt
can you keep it over night
can you look after my bag
can you put it on my account
can you send it by post
can you send me the forms before
can you talk to my insurer
can you write a letter to my doctor

= ask-service
what's in <service>
what's in a <service>
what's a <service> for
what is a <service> good for
what is the <length> version like
what are the steps of a <service>
what do you suggest for sore hands
what would you suggest for my knees
what would you suggest against stress
what would help with my neck
what could help my dry hair
what can be done about bad breath
what can you do for a stiff back
what can you do about this stain
what sort of massages do you do
what kinds of classes are there
what types of <service> do you have
what treatments do you have
what services do you offer
what do you actually do
what do i do in the class
what happens to my old glasses
what machine do you use for <service>
which kind is right for curly hair
which course is right for a beginner
which one is for beginners
which of the two is gentler
will <service> help my headache
will i feel better after one <service>
will it damage my hair
will it hurt my dog
will it stain
would you recommend <service> for my age
would <service> be too much for my mother
would i be able to walk after
am i too old for <service>
am i too heavy for <service>
am i allowed to drive after
are the classes hard
are the lessons one to one
are the needles sterile
are the results permanent
are you able to do perms
are there side effects
can a beginner join
can a child have <service>
can a diabetic have <service>
can both of us do it at once
can i breathe normally during it
can i come back the week after
can i do <service> with a cold
can i do <service> twice a week
can i do sports the day after <service>
can i eat right after <service>
can i get <service> on a sunburn
can i get a <service> when i'm on my period
can i have <service> after surgery
can i have a massage before a marathon
can i keep my socks on
can i sleep in it
can i sunbathe afterwards
can i watch how you do it
can i work afterwards
can it be done without pain
can one get addicted to it
can you do both ears
can you do it faster
can you do it over an old one
can you do it without chemicals
can you do it by video
can you fix a broken zip
can you help me with my back
can you help with anxiety
can you help with crypto taxes
can you mend a torn coat
can you cover a tattoo
can you treat a sprained wrist
do you also do <own>
do you also offer <odd>
do you do <own> for children
do you do <service> for two
do you do evening classes
do you do private lessons
do you do same day repairs
do you do trial lessons
do you do vaccinations
do you ever do <odd>
do you fix boats
do you fix heels
do you handle estates
do you handle small companies
do you help with forms
do you make ear plugs
do you make to measure
do you offer cooking classes
do you offer crowns
do you offer yoga
do you repair jewellery
do you see patients with dementia
do you see teenagers
do you service motorbikes
do you teach adults
do you treat nerve pain
do you use latex
do you work on old cars
do you sell glasses
do i keep my shoes on
do i get a report
do i need <service> before <service>
do i need several visits
does <service> include a wash
does <service> leave marks
does <service> make sense for me
does it matter that i'm left handed
does it matter what i eat before
does it take long
does it work on grey hair
for how long does it last
for whom is <service>
how bad is the pain
how does one prepare for <service>
how gentle is it
how is it done
how long do i have to rest after
how long do i wait between two <service>
how long until i can eat
how long until it heals
how long would <service> take
how many lessons until i can play
how much time does <service> take
how often do you recommend it
how soon can i come back after <service>
how soon after can i shower
how soon will i see results
how strong is it
i have a pacemaker, is <service> ok
i have never done it, is it hard
i'm allergic to latex, is that a problem
i'm pregnant, is <service> ok
i've had surgery, may i still come
is <service> allowed during pregnancy
is <service> done under anaesthetic
is <service> good for runners
is <service> good for tired eyes
is <service> loud
is <service> messy
is <service> painful
is <service> permanent
is <service> suited to a seven year old
is a <service> enough
is hair included
is it a group or alone
is it advisable to have <service> before a flight
is it all right with a fever
is it indoors or outdoors
is it sensible to do <service> twice
is it too late for <service>
is it too early to start at four
is it wise to have <service> after a fall
is the <length> one better
is the class for complete beginners
is the evening class for adults
is the first lesson different
is the shampoo vegan
is there homework
is there a trial
is there a shorter version
is there something for bad knees
is there something gentler
must i be able to swim
must i bring my own brushes
must i take off my watch
must i wash before
should i eat before
should i stretch before
should i bring my old ones
should i come with wet hair
should i take off my rings
tell me what <service> does

= ask-hours
are you open <day> at all
are you working <day>
are you working on christmas eve
are you closed for lunch
are you there over the holidays
can i come in on weekends
can i come to you on <day> evenings
can one come <day> evening
can people still come after <time>
do you have evening hours
do you have saturday hours
do you keep the same hours in winter
do you open on bank holidays
do you work on <day> mornings
do you work through lunch
do you work late <day>
from what time is somebody in <day>
from what time can i come
how late is the latest appointment
how late do you work <day>
is anybody there before <time>
is it open <day>
is the place open <day>
is your shop closed <day>
till what time <day>
until when <day>
up to what time are you open
what are the hours for <day>
what are your winter hours
what time on <day>
when is your day off
when do you start <day>
when do you finish <day>
when is closing time
when's closing time <day>
which hours do you keep
which holidays are you closed
will you be there <day>
will the shop be open over easter
you open <day>?
your timings please
= ask-mine
i have two appointments, what are they
i've booked something, what was it
i think i have two bookings, which ones
what are my bookings
what have i got coming up
what have i got with you
what do i have next week
which ones do i have
which appointments are mine
tell me my bookings
list my appointments
what's coming up for me
= ask-policy
i'd like to buy a gift card
i'd like to buy a voucher for my aunt
i want to buy a gift voucher
i'm looking for a gift for my sister
do i get a text the day before
do i get some sort of reminder
is tax part of the price
do your prices come with tax
are you taking new people
do you still accept new clients
could you get my papers from my last doctor
can you fetch my file from the old place
when can i pick up my new shoes
when will my coat be ready
when is my order ready

= ask-service
how often do i have to get my teeth looked at
how often do i have to come for a check
how often should my ears be checked
how long does the children's one take
can i have <service> if i'm six months along
can i have <service> when pregnant
can my ten year old get <service>
my son is twelve, can he have <service>
do you put in crowns
do you fit windows
do you make bridges
do you make dresses
can you make keys for old cars
are there lockers i could use
is there a gym at your place

= ask-price
could you send me your prices
can you send me an overview of the prices
an overview of what it all costs please
how many pounds for a <service>
how many dollars for mending a zip
how many rupees is <service>
how much for fixing a strap

= ask-mine
could you see whether i've got something booked
can you see if i have an appointment coming up
could you check whether i'm down for anything
see if i've got a booking please

= ask-hours
what are the times
what are the timings of the shop
what timings do you keep
are <day> open
are <day> working days for you
are mondays open for visits

= ask-availability
can i still get <service> today
could i still get a slot today
can i still come today

= person
i would prefer to talk with a person
i'd rather be talking to a human
i prefer talking to a person
= ask-service
what time is the class
what time is the class <day>
when is the class
when is the <service>
when does the class start
what time does the <service> start
at what time is the evening
do you make bags
do you make hats
do you shorten sleeves
do you take in jackets
do you rent out rooms
is the place heated
would you film my wedding
would you do a perm on short hair
i'm curious about the <service>
i'd like to hear more about <service>
tell me about it please
how big are they
i wonder what a <service> is like
is the class ok with my own laptop

= ask-place
could you tell me where you are
could you tell me where the office is
can you tell me where the shop is
do you know where i can park near you
where would i find you
is there a bike stand

= ask-policy
is a letter from my doctor needed for <service>
is a form required for <service>
how long until we get our order
how long until i get my papers
how soon would it be ready
how soon will my order be ready
can i put the video on my page
may i show the pictures to others
what if my kid cries
what if my daughter won't stay
can you do it sooner if i pay more
can you do it quicker for more money
can i have it faster for a surcharge
should i clean it before i bring it
is it ok to bring the cat
is it fine to bring a friend
is it ok to come with my dog
can i use your toilet after the lesson
how early should i be there for my first visit
how early do you want me there
we're going to be late, is it a problem
i'm running ten minutes late, is that ok
can i pick up my order <day>
can i collect my shoes <day>
where would i change, is there a room for it
how much cloth do i have to bring
how much notice is needed

= ask-mine
has my booking reached you
has my reservation come through
i think i have something this week but i'm not sure when
i think there's a <service> booked for me, when is it
my lesson's at ten, isn't it
my appointment is <time>, right
it's <day> <time> that i'm coming, isn't it

= ask-availability
i was wondering whether you'd have time for a <service> <day>
i wonder if there's a slot <day>
how about <day> for a <service>, would that be free
how about <day> <time>
<day> at <time>, would that work for you
would <day> <time> work for a <service>
= ask-mine
i (moved|changed|cancelled) (it|my booking|my appointment) (online|on your site|last night), (has it gone through|did it work|is it done)
(who|which of you) is (seeing|teaching|looking after) (me|us) <day>
is it <staff> (i see|we see|i'm with|who has me) <day>
my (husband|wife|mum) (booked|made it) for (us|me), (when|what time) (are we|am i) (due|expected|coming)
no (email|text|mail|message) (came|arrived), (am i|are we) (booked|down) or not
i (wrote|signed up|filled in the form) (online|last week), am i (down|in|booked)
= ask-hours
is (the|your) (shop|place|office|salon|studio|school) open( <day>|)
will (anyone|somebody) be at (the|your) (shop|desk|place|office) <day>
(how long|until when) (into|in) the (evening|night) are you there
(are you|is anybody) (open|there) (right now|at the moment)
= ask-place
how do i find (the|your) (place|shop|building|house|school|studio)
does a (bus|train|tram) run (out |)to (you|the place|your place)
where (does|should) the (van|bike|trailer) go
= ask-policy
do you take (amex|mastercard|contactless|e-wallets|bank transfer|postal orders)
must (we|i) have our own (gear|helmet|kit|mat)
what age (does|do|must) (a kid|kids|one|somebody) (have to |)be
is there a (height|size) limit
are (we|kids|riders|clients) insured( if something happens|)
what if it (rains|snows|pours)( that day|)
= ask-service
how long (should|do) i (set aside|allow) for (a|the) <service>
how much of my clothes (comes|do i take) off for (a|the) <service>
will the (marks|spots|wrinkles|cracks|stains) go (away |)completely
(does|will) one (visit|session) do for (a|the) <service>
can (three|four|five) of us (fit|sit) in it
is there (food|tea) with the <service>
= ask-price
what does it come to (per person|each|per head)
(and |)were i to (have|choose) the <length> (one|<service>), what would (that|it) be
(how much|what) is it (a|per) (head|person|child)
which (costs less|is less money), (the |)<service> or (the |)<service>
= ask-availability
could i (maybe|still) be seen <day>, or are you full
(who|which of you) is free (first|soonest)
`;
