/** Ways to ask about a visit: before it, how it goes, after it, and the rules of booking. */
export const VISIT = String.raw`
= clothes
clothes
what to wear
what do i put on
what should he turn up in
do i get undressed
how much do i take off
do i need my best clothes
should i wear old things
will i get wet or mucky
will my clothes get spoiled
do you give us something to put over
do i need a coat for it
are shorts allowed
do we need waterproofs
do you hand out overalls
can i come in my work gear
is there a uniform
can i keep my bra on
do i need a swimsuit
should she have her hair tied up
= shoes
shoes
what do i put on my feet
are boots better
do we go barefoot
can i wear heels
will my feet get wet
do you have shoes to hire
do i need non slip soles
may i keep my socks on
= bring
what to bring
what shall i have with me
do i need to fetch anything along
will i need my papers
do i turn up empty handed
what goes in the bag
is everything there already
do i need to bring my medicine list
do you want the old one back
is there a kit list
what should we pack
do i need anything special
do i have to print something
= identification
do you want to see who i am
do i need my passport
will a driving licence do
must i prove my age
do i need some sort of id
= forms
is there paperwork to do first
do i fill something in
can i do the questions online
will you ask me lots of things
do you send forms ahead
= first visit
the first visit
the first time
what happens the first time
how does the first one go
what will you do with me the first day
do we start straight away or talk first
what should i expect
is the first one any different
what do you need to know about me
will you ask about my history
do i get started the same day
what goes on in there
walk me through it
= how it goes
how do you do it
what do you actually do
what does it involve
what happens during it
do i lie down or sit
is it done by hand or by machine
what's the procedure
step by step, how does it work
will i be awake
do i have to do anything
do you use a machine for it
= how long
how much time should i set aside
am i in and out quickly
is it a long job
will i be there all morning
does it drag on
when will i be out
how long till i'm done
do we get a break
how long before my next one
do we stop in the middle
= preparation hair
do i come with it washed
do i have to shave first
should i leave my face bare
can i come with make-up on
do i need to brush him before
shall i take my rings off
should i get the polish off
do i need to clean it before
do i have to empty it first
= preparation
do i have to do anything beforehand
how do i get ready
is there something i should do at home first
is there homework before the first one
do i need to read up on it
what mustn't i do the day before
can i sunbathe before
should i sleep well
do i need a test first
shall i stop my tablets
do i need to be rested
= eat before
can i come on a full stomach
is it all right to have had a drink
do i need to skip breakfast
is coffee ok in the morning
should i eat something first
will i be sick if i eat
can my dog have his dinner before
= early
when to arrive
arriving
when should we roll up
is it ok to be there ten minutes before
do you want us there ahead of time
how long before do the doors open
can i come a bit sooner and sit
what time do i need to be there
when do i check in
= late
being late
lateness
the trains are a mess, what if i don't get there
will you hang on for me
do i lose my place when i'm not on time
i'm always late, is that trouble
how long do you wait for people
will it be cut short if i'm behind
what if the traffic is terrible
do you go without us
= running late house
do you run on time
will i be kept waiting
are you ever late yourselves
why do you always run behind
= cancel rules
cancelling
late cancelling
what's it cost me to change my mind
when is it too late to call off
is there a penalty for pulling out
can i bail the night before
am i free to cancel
will i be stung if i can't make it
can i move it without paying
how many times can i change it
what notice do you like
how late can i leave it
what if my child is ill on the day
what if something comes up
what if i get covid
= cancel how
how do i call it off
can i cancel by text
do i have to ring to cancel
can i do it online
who do i tell if i can't come
= missed
missed visits
no shows
what if it slips my mind
what do you do to people who don't turn up
do i pay if i forget
will you drop me if i miss one
is there a fine
what if i oversleep
do i get it again if i'm not there
= catch up
can i make up for the one i missed
do i lose it when i'm away
can he come another day instead
can i catch up
what happens to lessons in the holidays
can i jump in half way through the course
what if i miss the first week
is it recorded so i can see it later
= you cancel
what if you have to call it off
what happens when the teacher is ill
do you ever cancel
how will i hear if it's off
will you find me another time
what if not enough of us come
= weather
weather
rain and wind
does it go ahead in the wet
what if it chucks it down
is it called off in a storm
what happens in a heatwave
do you go out when it's blowing
is it too windy
what if there's snow on the roads
who decides if it's too rough
how do we know if it's on
what if it's pouring
= reminder
reminders
do you send me a nudge
i'm scatterbrained, do you let people know
do i get it in writing
will i hear from you before
how do i know it's booked
do you confirm it
do i get an email about it
= booking how
how do i book
can i book on the website
is there an app
can i do it by text
can i ring up
do i need an account
can i book for two people at once
can i book the same slot every week
do i have to leave my number
= quiet times
when are you least busy
what's a good time to come
when is it packed
which day is quietest
are mornings better
is it heaving at weekends
when do most people come
= season
do you do it all year
is it only in summer
when does the season start
are you shut in the winter
what's the best month for it
do you run in the school holidays
when does term start
do you stop over christmas
= last entry
when's the last one of the day
how late can i come
what's your earliest
do you work weekends
are you there at lunch
= after care
aftercare
afterwards
what can't i do afterwards
may i have a bath that night
can i go to the gym after
can i have a drink that evening
can i wash my hair the next day
do i rest afterwards
can i pick my kids up after
can i go to work straight after
can i lift things
how do i sleep with it
can i get it wet
should i stay out of the sun
when can i eat again
can i fly next day
can i put make-up on after
is there something i should do at home
when may i play football again
can i take the bandage off
= side effects
will i feel rotten after
what can go wrong
are there risks
is it safe
will it leave a mark
does it scar
will i bruise
how red will i be
will i feel dizzy
is it bad for you
has it ever gone wrong
could i be worse afterwards
= recovery
how long will i be out of action
when am i back to normal
will i need a day off
how soon can i be back at work
how long does it take to heal
how long will it be sore
= results last
how many months do i get out of it
will it last till christmas
when will i need it done again
how long is it good for
does it come off in the shower
is it permanent
does it stay put
how long before it's back to how it was
will it hold for the wedding
= when results
how soon will i see a difference
how many goes till it works
how long until i can do it
when will i notice something
how long does it take to learn
will one be enough
does it work straight away
how quick is it to get good
when do i get my results
do you tell me on the day
= success
does it actually work
will it help
is it worth it
how many people pass
what are the odds
is it proven
what if it doesn't help
can you promise it'll work
what's your pass rate
= how often
should i come every week
how many weeks between
is once enough
how long do i leave it
how soon do i come back
how regularly do people do it
how many of these will i need
is twice a year plenty
when's my next one due
can i come too often
= ready when
when's it done
can you do it while i wait
how long will you keep it
how long are you going to have my bike
is a week enough for you to do it
how soon can i have it back
will it be done by friday
do i get it back the same day
when do we see the photos
when do they arrive
will you ring me when it's done
= rush
i need it in a hurry
is there an express
can you do it faster if i pay more
it's urgent, can you hurry it
can i jump the queue
i've left it late, can you still do it in time
do you do rush jobs
how long ahead should i come
= homework
will you give us things to do in between
do we have to do something at home
how much must she practise
is there homework
do i get exercises
do you set tasks
what can i do at home to help
= report
will you tell me how he gets on
do i get something in writing afterwards
do parents get a report
do you write a letter to my doctor
do you tell the school
how do i know she's getting better
do you talk to us afterwards
= certificates
do i get something to hang on the wall
is there an exam at the end
does it count for anything
is it recognised
do i get a badge
can i have a note for work
can you sign me off
will i get a paper that says i did it
= exam
do you take them to exams
who puts me in for the test
is the exam fee included
where do i sit it
what if i fail
can i try again
how soon can i take it again
do you get me ready for it
= trial
can i see if i like it
may we try before we sign up
can she have a taster
can i come just once
is there a first go with no strings
could i sit in on one first
= video
can you do it on a call
i'm housebound, can it be on the computer
do you do it from afar
could we do it with cameras
which program do you use for calls
i can't get there, is there another way
do you do online
can we talk by phone first
= home visit
home visits
will you come to my place
do you do it at people's houses
can he be seen at home
do you come out to farms
do you do care homes
do you come to schools
would someone visit my mum
can you do it at my office
how far do you travel
do you charge for coming out
can i get it at home
= emergency
what if it hurts at night
who do i ring out of hours
is there someone at weekends
can i be seen today, it's bad
do you keep places for emergencies
what do i do if it gets worse
what do i do when you're shut
= complaint
who do i complain to
i wasn't happy last time
what if i don't like it
can it be done again
will you put it right
they made a mess of it
can i speak to someone about it
= contact
what's your number
can i email you
how do i get hold of you
do you have whatsapp
is there someone on the phone
when can i ring
will someone call me back
are you on facebook
= records
do you keep notes on me
can i see what you wrote down
can my old notes come over
do you have my details from before
can you send it all to my new one
i moved here, do you need my old papers
can you tell my doctor
= privacy
privacy
your data
who else hears about this
can my husband see what i booked
will my parents be told
is this chat kept
can you delete my details
do you sell my number
will you put me on a mailing list
is it between us
will my work find out
= robot
is that a recording
are you for real
have you got a heartbeat
is there a person i can type to
who's answering me
am i chatting with software
`;
