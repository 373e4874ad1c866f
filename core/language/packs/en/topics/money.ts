/** Ways to ask about money: paying, prices, vouchers, plans, and what is kept or given back. */
export const MONEY = String.raw`
= pay how
payment
paying
ways to pay
cards and cash
do you have a thing i can tap my card on
can i tap and go
is it card only or will notes do
i'd rather pay in notes and coins, would that be a bother
does my watch work for paying
what do you accept at the counter
which plastic do you accept
could i do a bank transfer instead
can i settle it from my phone
is there a machine for cards at the till
will a fifty be too big for you to change
can we split it over two cards
is a standing order possible
= pay when
deposits
when is the money due
do you want the money there and then
do i fork out before or after
must it be settled on the day
will you take money off my card when i book
is something taken off my card to hold the place
how much do i put down to secure it
do you want half now and half on the day
when do you charge the card
is the deposit taken off the final bill
does the deposit come back to me
= instalments
could i chip away at it
i can't find the whole amount in one go
is there finance on the big ones
may i pay a third each time
is it possible to pay week by week
can we spread this out a little
are there easy terms
= splitting the bill
can we go halves
my flatmate and i would each pay our own part
is it possible to get two separate bills
can two people pay a bit each
can my parents pay half
= price changes
do your prices go up (next year|soon|at weekends|in summer)
is it dearer at the weekend
does a saturday cost more
are evenings more expensive
is there a surcharge on (sundays|public holidays)
are you putting your prices up
is the price the same all year
does the senior one charge more than the junior
do all of you cost the same
= hidden costs
is that all in or are there extras
what else will i be charged for
are there any nasty surprises on the bill
is anything going to be added later
is there a booking fee
is there an admin charge
is there a minimum charge
will the bill be bigger than you said
= estimates
can i get a rough figure before you begin
will you tell me what it'll cost before you do anything
could somebody give me a quote
is the estimate free
what if it turns out dearer than you thought
do you ring me before you spend more
can you give me a ballpark
is there a charge for just having a look
do i pay if i don't go ahead
= discounts asked
is there anything off for (pensioners|students|nurses|soldiers|the unemployed|families|locals|regulars|members)
do (kids|oaps|students) get it cheaper
is there a family rate
do i get money off if i bring a friend
is there a first timer's offer
any deals on at the moment
do you have a quieter day when it's less
is it cheaper in the morning
do we get something off for two
is there a rate for groups
do you do a student price
i'm on benefits, is there a lower price
do carers get in for nothing
= loyalty
do i collect points
is there a stamp card
is every tenth one free
do you reward people who come a lot
what do regulars get
if i send my friend to you, do i get something
is there a thank you for bringing someone new
= plan
packages
memberships
blocks of lessons
can i pay by the month
can i buy a bunch of them and save
does it get cheaper by the dozen
is there a pass for the season
are there bulk deals
what's a ten card
do you do blocks
can i get a book of tickets
is it less if i commit to more of them
= plan rules
how long does the ten card last
can i share my card with my sister
can my husband use my sessions
what happens to the ones i don't use
do unused sessions carry over
can i (pause|freeze|stop|cancel|put on hold) my membership
am i tied in for long
how much notice to leave the club
is there a minimum term
does the plan renew on its own
can i move up to the bigger plan
can i get my money back for the rest of the card
= vouchers buy
vouchers
gift vouchers
gift cards
could i have something printed to give her
i need a birthday idea for my mum
can i treat my daughter to a session with you
do you do something i can put a bow on
can you send it straight to my brother by email
can i pick the amount on it
does it come in a nice envelope
can the present be for one particular thing
is there a paper one or only online ones
can you write a name on it
how soon would the gift card reach me
i want to pay for a friend's go
= vouchers valid
has it got an end date
mine's been in a drawer for two years, any good still
can i use part of it and the rest another day
what happens to what's left over on it
i've lost my gift card, what now
can i swap my gift card for cash
can somebody else use the one i was given
can i use two of them at once
does it cover any of your people
can the token go towards something dearer
= money back
what if i'm not happy, do i get my money back
do you give refunds if it doesn't work
is there a cooling off period
can i get my deposit back
do you pay me back when you cancel
i paid and can't come, is the money gone
can i have it back if i never use it
= receipt
receipts
invoices
will you give me a piece of paper for what i spent
i'll need something for the accountant
can i put it through the business
can my firm be billed
can you make it out to my company
i need to claim this back from work
can the invoice go to my insurer
can you put the company name on it
do you email the bill
i need an itemised one
could i get last year's bills again
= tax included
does the sum include everything the state wants
is sales tax on top of that
do i need to reckon in the tax
is there tax on these at all
can i claim the vat back
= tip
tips
is there a jar for tips
do people usually round it up
can i put a bit extra on the card for her
would she mind if i left her something
is service included
do your people keep their tips
= insurance
insurance
health plans
what the insurer pays
does my (health cover|sick fund|policy|card from work|scheme) pay any of it
can i get it back on my health cover
do you do the paperwork for the fund
will it go through my cover
do you bill them or do i
how much of it do i get back
i'm with the national scheme, does that count
do you know how much my cover will pay
do i have to ask my insurer first
does private cover pay for this
can i use my flexible spending money
do i pay first and claim later
= free trial
is the first go on the house
is there a no obligation one
can i come for nothing the first time
is the first chat free
do i pay for the first meeting
= budget
i've only got a little to spend
what's the cheapest thing you do
what can i get for (fifty|twenty|a hundred)
which of them is the best value
i'm on a tight budget
what's your dearest one
= money back when
when is the refund in my account
how many days till the money is back
how long does the fund take to pay me
= price match
my neighbour pays less elsewhere
somebody down the road does it for half
will you match what the other place asks
= who pays
does the landlord pay or me
who foots the bill if it was your fault
will my school pay for it
can the council pay
is there a grant for this
can i get state support for it
do i still pay if you're the ones who are late
`;
