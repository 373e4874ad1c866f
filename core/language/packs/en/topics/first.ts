/** Ways to ask about everything, the first that were written: each of the other files adds to some of these. */
export const FIRST_WAYS = String.raw`
= clothes
what (should|do|shall|must) i wear
what (clothes|clothing|outfit) (should|do) i (need|wear|bring|come in)
(is|are) (jeans|leggings|shorts|my work clothes|a dress) (ok|okay|all right|fine)
do i (need|have) to (change|undress|get undressed|strip|take off my clothes|take my shirt off)
(do|will) i (stay|remain|be) dressed
can i (keep|leave) my (clothes|trousers|shirt|underwear|socks) on
is there a dress code
what do people (usually|normally) wear
should i bring (something|clothes) to change into
do i need (special|sports|loose|comfortable|warm|old) (clothes|clothing|gear|trousers)
are loose clothes better
= shoes
what (shoes|footwear) (do|should) i (wear|bring|need)
do i (need|have to bring) (my own |)(shoes|trainers|boots|slippers)
(do|must) i take (off my|my) shoes (off|)
can i come in (sandals|heels|flip flops|boots)
is it barefoot
= bring
what (do|should|must|shall) i bring (along|with me|)
what do i (need|have) to (bring|take|have with me)
(do|should|must) i bring (anything|something|my own|along anything)
is there anything i (should|need to|have to) (bring|take along)
which (papers|documents|things) (do|should) i (bring|need|have ready|gather)
what (papers|paperwork|documents) do you (need|want) (from me|to see|)
do i bring my (own mat|own towel|own tools|id|card|old ones)
do you (supply|provide|lend) (mats|towels|everything|the material)
= dogs
may i (bring|take|come with|come in with) (my|a|our) (dog|puppy|labrador|poodle|terrier|pet|cat)
are (dogs|pets|animals|guide dogs) (allowed|welcome|ok|permitted|let in)
(is it ok if|do you mind if|would you mind if) (my dog|our puppy|the pet) (comes|comes along|comes in|is with me)
do you let (dogs|animals|pets) in
i have (a dog|a guide dog|a puppy) with me, is that a problem
can the (dog|pup) (wait inside|come too|stay with me)
= children welcome
may i bring (my|the|our) (kid|kids|child|children|baby|toddler|little one|son|daughter) (along|with me|)
(is it ok if|would you mind if) my (kid|toddler|baby|daughter|son) (comes|comes along|is there|waits)
i have no (babysitter|sitter), (can|may) (they|he|she) come along
is there (somewhere|a corner|something) for (kids|children) to (play|wait|do)
do you have (toys|a play corner|a play area|colouring books)
what can my (child|kids) do (while|meanwhile)
can somebody watch my (child|kids|baby) (meanwhile|while i'm in|)
are (children|kids|babies) (welcome|allowed|ok)
do you look after (children|babies)
= treats children
do you (see|treat|take|do|teach|serve) (children|babies|toddlers|teenagers|minors)
(is|would) (my|our) (son|daughter|kid) (be too young|too young)
from (what|which) age (do you take|can) (children|kids|them)
my (son|daughter|child) is (five|nine|twelve|fourteen|sixteen), (can he|can she|do you take them|is that old enough|may he|may she) (come|join|do it|)
how (old|young) (must|does|do|should) (he|she|they|one|you|children) (be|have to be)
what('s| is) the (minimum|lowest) age
is there an age limit
at what age can (they|one|kids|a child) (start|begin|come|join)
when should a (baby|child) come (for the first time|first)
does a (parent|mother|guardian) have to (stay|be there|come)
= age upper
am i too old (for it|for that|to start|)
is (sixty|seventy|eighty) too old
do you take (older|retired|elderly) (people|beginners|clients)
my (grandmother|grandfather|mother) is (eighty|ninety), can (she|he) still come
= parking
where should i (park|leave my car|put my car|leave the van)
is there (somewhere to park|a parking lot|a garage|space for my car) (nearby|near you|at the house|)
do you have (parking|a car park|your own parking|parking spaces)
do i pay for (parking|the parking) (free|hard|difficult|)
how much is the car park
i('m| am) coming by car, where (do|can) i (park|leave it)
can i park (outside|in front|behind|on the street|a trailer)
is it easy to park
= access
(is it|are you) (wheelchair accessible|accessible|step free|barrier free)
can (i|my mother|my dad) get in (with|in) a (wheelchair|walker|rollator|pram|scooter)
are there (steps|stairs|a ramp|a lift|an elevator|any stairs)
i (can't|cannot) (climb|do|manage) (stairs|steps)
i('m| am) (in a wheelchair|on crutches|disabled|not good on stairs)
my (mother|father|husband) (uses|has) a (walker|wheelchair|stick), is (that|it) a problem
which floor (is it|is it on)
is it (on the ground floor|upstairs|up a flight)
how (wide|heavy) is the door
= getting there
how can i (get|come) (there|to you|to your place) (by bus|by train|without a car|from the station|from the airport|on foot|)
which (tram|train|line) (goes|stops|comes|do i take) (there|near you|to you|)
is there a (bus|tram|train|station|stop) (nearby|near you|close by|)
how far are you from the (station|centre|bus stop|harbour|jetty)
where does the (bus|tram) (stop|drop me|let me off)
(nearest|closest) (station|bus stop|stop)
do you have directions
i am coming by (train|bus|ferry|bike|taxi), how do i (find|reach|get to) you
what's the best way to (get there|come|reach you)
can i walk from (the station|town)
= finding the door
how do i find (your office|the house)
where is the (entrance|door|bell|reception)
which (door|entrance|bell|side) (is it|do i take|do i use)
is there a sign
what does the (house|building) look like
where do i go when i (arrive|get there|come in)
= bicycle
where can i (leave|lock|put|park) my (bike|bicycle|scooter)
is there a (bike rack|place for bikes|bicycle stand|rack)
can i (bring|take) my (bike|bicycle) (in|inside)
= pay how
can i pay (by card|with a card|with my phone|in cash|by cheque|by transfer|with coins)
would you (take|accept) (cards|cash|cheques|credit cards|visa|american express|mobile payment|foreign money)
how (can|do|may|should) i pay
(what|which) (cards|payment|ways of paying|means of payment) do you (take|accept)
is (cash|card) (ok|fine|possible|only)
do you have a card (machine|reader)
i only have (cash|a card|a cheque|coins)
= pay when
when (do i pay|i have to pay|i pay) (before|after|in advance|up front|on the day|)
do you (take|need) a (deposit|down payment)
can i pay (later|next time|afterwards|at the end of the month)
do you send (a bill|an invoice) (later|afterwards)
= instalments
can i pay (in instalments|monthly|bit by bit|in two goes|over time)
do you (have|offer) (a payment plan|instalments|financing)
can i spread the (cost|payments)
i can't pay (it |)all at once
= plan
do you have (a membership|a monthly plan|a subscription|a season ticket|a punch card|a pass)
is there a (plan|membership|package|bundle|ten visit card)
can i (buy|get) (ten|several|a block) (at once|in advance|of lessons)
can i pay a fixed sum (every|a) month
= insurance
(will|does|do) my (insurance|plan|health plan|insurer) (pay|cover|take care of) (it|this|that|for it|)
is (this|that) covered (by insurance|by my plan|)
do you (work with|deal with|charge) (insurance|insurers|my insurer|insurance companies|health plans) (directly|)
can (i|you) (claim|send|submit) (it|the bill|the claim) (to|from|on) my insurance
which (insurers|plans|insurance companies) do you (take|work with)
do you (fill in|do|send) the (claim|form|claim form|paperwork)
am i (insured|covered)
do i get (anything|money|it) back from my (insurance|plan)
= work injury
i (got hurt|was injured|had an accident|hurt myself) (at work|on the job|at my job)
do you (treat|take|handle|see) (injuries from work|work accidents|workplace injuries|compensation cases)
it happened at work, who pays
= referral
do i need (a referral|a letter|a note|a prescription|to be referred) (from my doctor|from a doctor|from my gp|)
can i come (without|with no) (a referral|a doctor's letter|being referred)
(must|does) (my doctor|a doctor) (send|refer) me
do you (see|take) people (without|who have no) (referral|letter)
can i just (book|come) (by|for) myself, without a doctor
= new clients
are you (taking|open for) (on |)new (clients|patients|pupils|customers|people)
(is your list|are your books) (open|full|closed)
can (anyone|new people|i) (join|register|sign up|become a client)
do i have to (register|be a member|sign up) first
is there a waiting list
how do i become a (client|patient|member)
= walk in
can i (walk in|drop by|turn up|show up|come by|pop in) (without an appointment|without booking|)
do you (take|accept|allow|do) (walk ins|people without appointments)
do i (have|need) to (book|make an appointment|reserve)
is (an appointment|booking) (needed|necessary|required)
= records
can you (ask for|fetch|request) my (records|notes|file|papers|history) from my (old|last|former|previous) (doctor|dentist|place|one)
can you (send|give|transfer) my (file|records|data) (to another|to my new|to me) (doctor|place|)
how do i (change|switch) from my old (doctor|dentist|accountant|one)
can i (have|get|see) (a copy of |)my (file|record|report|prescription|results)
may i take my (prescription|file|results|report) (elsewhere|somewhere else|to another shop|with me)
= xray
(can|do|shall) i bring (my |old |the |)(x-rays|scans|mri|pictures from the hospital|images)
do you (need|want|look at|use) (my|the|old) (x-rays|scans|mri|hospital pictures)
are my (scans|x-rays) (useful|any use|of use) (to you|)
i have (an mri|x-rays|scans) (on a disc|on a stick|from the hospital)
= x-ray safety
are (x-rays|the rays) (safe|dangerous|harmful) (for|when) (children|pregnant|me|)
i('m| am) pregnant, (are|is) (the x-rays|an x-ray) (ok|safe|allowed)
= late
what (if|happens when) i('m| am| come| arrive| get there) (late|a bit late|ten minutes late|delayed)
i('m| am) (running|going to be|stuck in traffic and) (late|delayed|behind)
(will|would) you (still |)(take|see|wait for) me if i('m| am) late
how (late|many minutes late) (can|may) i be
my (bus|train) is (late|delayed)
is it a problem if i('m| am) (five|ten|fifteen) minutes late
i might not (make it|be there) on time
= early
how (early|long before|many minutes before|much earlier) (do|must|shall) i (be there|come|arrive|get there)
(do|should) i (have to |need to |)(come|arrive|be there) (early|earlier|before|ahead of time)
when should i (get there|be there|arrive)
can i come in (early|before my time) and wait
= cancel rules
(until when|how late|how long before|up to when) can i (call off|call it off|change) (free|for free|without paying|)
what happens if i (cancel|have to cancel|call off|call it off|can't come) (late|on the day|the day before|at short notice|last minute|)
(do|will|would) i (pay|owe|have to pay|be charged) (anything|something|a fee|) if i (cancel|call it off|don't come|change it)
is there a (cancellation|late|cancelling) (fee|charge|rule|policy)
what('s| is) your cancellation (policy|rule)
how much notice do you (need|want)
= missed
what happens if i (don't|do not|forget to) (come|show up|turn up)
what happens if i (miss|forget) (it|my appointment|a visit|a lesson)
(do|must|will) i (pay|owe) (for|) a (missed|forgotten) (visit|appointment|lesson)
what do you charge for (not coming|missing it)
i forgot my appointment, what now
= reminder
(do|will) (you|i|we) (send|get|receive) (a reminder|reminders|a text before|a message before|a notice)
do you remind (people|me|clients)
how (will|do) i (know|remember) (when|that) (it's time|i have to come)
= vouchers buy
(can|do|may) i (buy|get|purchase|order) (a voucher|a gift card|a gift certificate|a present)
do you (have|do|offer) (vouchers|gift cards|gift certificates|gift tokens)
i('d| would) like to (give|make) (my mother|my friend|someone|my wife) (a present|a gift)
i want to (treat|give a present to) (my wife|a friend|my mum)
how do i (give|buy) (it|one) as a present
= vouchers valid
how long are (a voucher|vouchers|a gift card|my voucher|the certificate) (valid|good|good for|)
(do|does|will) (vouchers|my voucher|a gift card) (expire|run out)
i have an old (voucher|gift card), is it still (good|valid)
what can i use (a|my) (voucher|gift card) for
= receipt
(do|will|could) i (get|have) (a receipt|an invoice|a bill|something in writing) (for my insurance|for my employer|for the tax office|)
do you (send|email|give|mail|write) me (a receipt|an invoice|a bill|a paper) (for my insurer|for the tax office|)
i need (a receipt|an invoice|proof of payment|a bill)
= tax included
(is|are) (tax|vat|gst|taxes) (included|in the price|in it|extra|on top|added)
are the prices (with|before|after|including|plus) tax
do you add tax
= tip
(should|do|must|may) (i|one|people|we) (tip|leave a tip|leave something|give a tip)
is (tipping|a tip) (usual|expected|allowed|normal)
how much do people tip
= discounts asked
do you have (discounts|reductions|offers) (for students|for seniors|)
= toilet
(do you have|have you got|where is) (a|the) (toilet|washroom|loo|restroom|bathroom) (for customers|for wheelchairs|for clients|)
can i use (the|your) (toilet|bathroom|loo)
is the (toilet|loo|washroom) (accessible|step free|big enough for a wheelchair)
= shower
(is there|do you have|have you got|are there) (a shower|showers|lockers|a changing room|somewhere to change)
can i (shower|wash|change|freshen up|rinse off) (afterwards|after|there|at your place)
where can i (change|get changed|put my things|leave my clothes)
= pool
have you got (a pool|a swimming pool|a sauna|a steam room|a hot tub)
do you do (exercises|anything|classes) in (water|the water|a pool)
= drinks
(could|do) i (get|have) (a coffee|a tea|water|something to drink|a drink) (while i wait|there|)
(is there|do you have|do you serve) (coffee|tea|water|drinks|something to drink|refreshments)
= eat there
can i (eat|have lunch|bring food|bring a sandwich|have a snack) (there|in the chair|while i wait|)
is (food|eating) (allowed|ok)
is there somewhere to eat
= eat before
(can|may|should) i (eat|have breakfast|have lunch|have a meal|drink coffee) (before|beforehand|first|before i come)
do i (have|need) to (come|be) (hungry|fasting|with an empty stomach)
is it ok to (eat|have breakfast) (first|before)
= wifi
(is there|have you got) (wifi|wi-fi|internet|wireless)
what is the (guest wifi|internet) (password|name|)
can i (work|use my laptop) (while i wait|there)
= music
which music (do you play|is on|is playing)
(can|may) i (choose|bring|listen to) (the |my own |)music
i('d| would) (like|prefer|love) it (quiet|silent)
can it be (quiet|without music|silent)
do i have to (talk|chat)
= waiting
(is there|do you have) (a waiting room|a waiting area|somewhere to wait|somewhere to sit)
where (can|do) i wait
how long (do|will) i (have to |)wait
can my (husband|friend|wife) (wait|sit) (there|inside|in the waiting room)
= companion
(can|may) (someone|somebody|a friend|my husband|my wife|my mother|my partner) (come|be|sit|stay) (with me|along|in the room|in with me|there)
(can|may) i (bring|take) (someone|a friend|my husband|my partner|company)
= breastfeeding
do you have (somewhere|a room|a corner|a place) (to|where i can) (breastfeed|nurse|feed the baby|pump)
can i (breastfeed|nurse|feed my baby) (there|at your place)
where can i (change|feed) the baby
= pregnant
(can|may|is it safe if|is it ok if) (a pregnant woman|i come when pregnant|pregnant women|i have it while pregnant|i'm pregnant)
i('m| am) (pregnant|expecting|five months along), (can i|is it ok|is that a problem|may i) (still |)(come|have it|)
is it (safe|ok|allowed) (in pregnancy|during pregnancy|when pregnant|for pregnant women)
= health conditions
(can|may) i (come|have it) with (high blood pressure|a pacemaker|diabetes|asthma|epilepsy)
i (take|am on) blood thinners, is (that|it) (ok|a problem)
= pain
(does|will) (it|this|that) (hurt|be painful|sting|ache)
is (it|this|that) (painful|sore|uncomfortable)
how (painful|bad|sore) is it
do i feel (anything|pain)
will i be (sore|in pain|aching) (afterwards|the day after|)
= nervous
i('m| am) (scared|nervous|afraid|anxious|terrified|frightened) (of it|of needles|of the dentist|)
i have (a phobia|a fear|anxiety|panic attacks)
how do you (deal with|treat|handle|help) (nervous|scared|anxious|frightened) (people|clients|patients|kids)
my (son|daughter|dog) is (scared|nervous|shy|afraid)
what if i (panic|can't bear it|want to stop)
= sedation
can (you|i) (be put|put me) (to sleep|under)
do you (use|offer|have|do) (sedation|an anaesthetic|anaesthesia|laughing gas|numbing)
can i be asleep (during it|for it)
= numb after
(will|does) (my mouth|it|my face) (be|stay|feel) numb
how long (am i|will i be|does it stay|is it) numb
when does the injection wear off
= after care
what (should|can|may) i (do|not do|avoid) (afterwards|after it|after)
can i (drive|exercise|swim|work|shower|drink) (afterwards|after it|after|straight after|the same day)
how long (should|must) i (wait|rest) (before|until)
am i (able|allowed) to (drive|work) (home |)(afterwards|after)
do i need someone to (drive me|take me) home
= results last
how long (does|will|do) (it|this|that|the effect|the results|they|the colour) (last|hold|stay|keep|hold up)
for how (many weeks|long) (will|does) (it|they) (hold|last|stay)
when do i have to (come back|have it redone|do it again)
how soon does it (fade|wear off|grow out)
= how often
how often (should|do|must) (i|one|people|it|you) (come|have it|be done|do it|be checked|have it done)
how (many|much) (sessions|visits|lessons|times) (do|will) i need
every how many (weeks|months|years)
is once a (week|year|month) enough
= ready when
when (will|is|are) (it|they|my things|the pictures|my glasses) (be |)(ready|done|finished)
how long (do|does|will|until) (you need|it take you to make|it is ready|i get it back|they be ready)
when can i (pick it up|collect it|fetch it|have them back)
do you (call|text|tell) me when it('s| is) (ready|done)
= guarantee
(is|do you give) (there |)(a guarantee|a warranty|any guarantee)
what (if|happens if) (it|they) (breaks|break|comes loose|falls out|goes wrong|doesn't fit|doesn't work) (again|afterwards|after a week|)
do you (fix|redo|repair|replace) it (for free|free|again) if it (breaks|goes wrong)
= own material
can you (use|work with|put it in|fit) my (own|old) (frame|fabric|parts|one|material|colour|yarn)
(can|may|do|must) i (bring|buy|supply) (my own|the) (parts|material|hair|fabric|product|paint) (myself|)
= products
(what|which) (products|oil|shampoo|cream|brand|materials|soap) do you use
(may|do) i (buy|get|have) the (oil|shampoo|products|cream) you use
do you (sell|stock) (the |)(products|creams|shampoo|oil)
= allergy
i('m| am) (allergic|sensitive|intolerant) to (nuts|latex|perfume|peanuts|something)
i (get|have) (a rash|an allergy|sensitive skin|eczema|asthma)
what('s| is) in (it|the oil|the cream|the product)
do you (test|do a patch test) (for allergies|first|)
is it (vegan|free of nuts|without perfume|natural)
= language
do (anyone|anybody|someone|any of you|somebody) (there |)(speak|know|understand) (french|spanish|german|polish|urdu|sign language|hindi|arabic)
do you have (there |)(someone|anybody|a person) who (speaks|talks|knows) (french|spanish|polish|my language)
can i (talk|speak|do it|have it) in (french|spanish|polish|my language)
what languages do you speak
do you have an interpreter
= home visit
(can|do|could|would) (you|someone|a therapist|somebody) (visit|drive) (to my (house|flat|home|place|office)|to our place|to people's homes|round|out to us)
do you (make|offer) (home visits|house calls|visits at home)
(my|our) (mother|father|grandmother) (can't|cannot) (leave|get out of) (the house|bed|home)
i('m| am) (bedridden|housebound), (can|could) you come (here|to me)
= video
could (we|i|you|it) (do it|talk|meet|be done|have it) (by video|over video|online|on a screen|over the internet|over the phone|remotely)
do you (do|have) (video|online|virtual|remote|phone) (visits|lessons|appointments|meetings|sessions)
(do i|must i) (have to |)come in (person|)
is it possible (online|over the internet|remotely|by phone)
= privacy
what do you do with my (data|details|information|pictures|papers)
(is|are) (my|the) (data|details|information|papers|file) (safe|private|confidential|secure|protected)
who (sees|reads|has access to) (my|the) (data|details|papers|file|information|what i write)
(do|will) you (share|sell|pass on) my (data|details|information|address)
how (long|do) do you (keep|store) my (data|details|papers|file)
= robot
am i talking to (a real person|a human|a machine|a robot|a computer|human|a bot)
(do|am) i (speak|talk|speaking|talking|writing) (to|with) a (person|machine|computer|program)
who am i (talking|speaking|writing) to
= difference
what('s| is) the difference (between them|between the two|there|)
how (is|does) (the one|the first|it) (different|differ) (from|to) (the other|the second)
(which|what) (is better|one should i take|suits me|do i need)
= beginner
(is it|are the classes|is that) (ok|suitable|right|good|for) (for |)(beginners|a beginner|someone who has never done it|people who never did it)
i('ve| have) never (done|tried) (it|that|this)(, is that ok|)
do i need (experience|to know anything|to be fit|to be able to read music)
= trial
can i (try|test) (it|one|them) (first|out|before i buy|for free|)
(is there|do you have|do you do) a (trial|test|taster|first free) (lesson|period|class|session)
= group size
how (many|big) (people|others|is the group|are the groups) (are there|in the class|in a group|)
is it (one to one|in a group|alone|private)
= lend
can i (borrow|rent|hire|lend) (one|it|a mat|a bike|the equipment|an instrument|crutches)
do you (lend|rent|hire out) (things|mats|equipment|instruments|crutches)
= drop off
can i (drop|leave|hand in) (it|my papers|my bike|the envelope|my things|it off) (after hours|at night|earlier|in the box|in the mailbox|before you open|with you)
is there a (box|mailbox|key drop|letterbox) (for it|)
can (somebody|someone) else (pick it up|collect it|drop it off)
= deliver
do you (deliver|collect|pick up|ship|send it by post|come and get it)
can you (send|post|mail|deliver) it (to me|to my house|)
= deadline
(when is|what's|what is) (it due|the deadline|the last day|the closing date|the cut-off)
until when (can|must) (i|it) (hand it in|be filed|apply|be in)
= more time
can you (get|ask for|have|file for) (more time|an extension|longer|a later date)
what if i need more time
= overdue
i (haven't|have not|never) (done|filed|paid|been) (it |)(for years|in years|for a long time|for ages)
it's been (years|ages|a long time), (is that|will you still|can you) (a problem|help|take me)
= years keep
how long (should|must|do) i keep (my|the|old) (papers|receipts|records|bills)
when can i throw (away |out |)(old |my |)(papers|receipts|bills) (away|out|)
= money back when
when (do|will) i get (my|the) money (back|) from (the state|the insurance|the tax office)
how long does it take until (the state|they|the office) (pays|pay) (me |)(back|)
= donate
(can|where can) i (donate|give away|hand in|recycle) (my |)(old |)(glasses|clothes|things|ones|hair|hearing aids)
do you (take|collect) (old|used) (glasses|things|ones|clothes|batteries) (for charity|)
= cleaning care
how (do|should) i (clean|wash|look after|care for|store) (it|them|my glasses|my hair|the brace)
what('s| is) the best way to (clean|wash|keep|store|care for) (it|them)
= preparation hair
(should|do) i (wash|shave|cut|remove|clean|blow out|leave) (my |it |)(hair|make-up|nails|legs|it) (first|before|at home|beforehand|before i come)
(should|does) my hair (be|have to be) (clean|dry|wet|dirty)
(can|should) i (wear|come with|come without|take off|leave off) (make-up|mascara|nail polish|contact lenses|jewellery|perfume)
= swim with
can i (swim|dive|bathe|go in the water|go to the pool) (with it|with them|in them|with lenses|)
is (water|swimming|the sea) (bad|ok) for (it|them)
= sunglasses
do you (make|have|do) (sunglasses|dark glasses|tinted glasses|goggles) (with my power|with my prescription|)
= photo permission
(can|may) (i|we) (take|make) (photos|pictures|a video) (there|during it|)
do you (publish|post|use|show) (the|my|our) (pictures|photos) (online|)
= smoking
(can|may) i smoke (there|)
is smoking allowed
= ill
what if i('m| am) (ill|sick|coughing|have a cold|have a fever)
(can|should) i (still |)come (if|when|with) (i'm sick|i have a cold|a cough|a fever|)
= weather
what (if|happens if|happens when) it (rains|snows|storms)
do you (open|work) when it (snows|storms)
= theft lost
i (lost|left|forgot) (something|my umbrella|my coat) (there|at your place), (what now|do you have it|was it found)
= qualification
(are|is) (you|your people|they|everyone) (qualified|certified|trained|licensed|registered|vaccinated)
what (training|qualification|experience) do (you|they) have
= change person
can i (change|switch|choose|have another|have the same) (teacher|therapist|person|dentist|stylist|one) (every time|)
what if i don't get along with (the teacher|my therapist|them)
= emergency teeth
(my|a) tooth (was knocked out|fell out|got knocked out|broke off), what (do i do|now|should i do)
what do i do (with|when) a (tooth that fell out|broken tooth|lost crown)
= homework
do (i|they|we) get (homework|exercises for home|tasks)
do i have to (practise|exercise|do something) at home
how much (practice|exercise) (a day|at home) is needed
= certificates
do (i|we) get (a certificate|a diploma|a paper|proof) (at the end|afterwards|)
can you (write|give) me a (certificate|letter|note) for (work|school|my employer)
= second hand
do you (buy|sell|take|trade in) (used|second hand|old) (ones|things|bikes|frames)
= jobs
are you (hiring|looking for people|looking for staff)
do you have (a job|work|an internship|vacancies) (for me|for students|)
can i (work|do an internship|train) (for you|there|with you)
how do i apply
= branches
do you have (another|a second|other) (branch|shop|clinic|location|place) (in town|in the city|elsewhere|)
are you (also |)in (other cities|the next town|halifax|glasgow|london|chennai)
= history
when were (it|the house|the clinic|you) (founded|built|opened|started)
how long (is the house|is the clinic|have you been there)
who (founded|started) (it|the house|the building|the place|the clinic)
= curious
what (colour|brand|make|kind) is (your|the) (walls|tables|chairs|car|coffee|curtains)
how (tall|high|big|heavy) is (the ceiling|the room|the building|the table)
how many (people|customers|cars) do you (have|see|treat) (a day|a year|in a week|)
who is your (most famous|oldest|favourite) (client|customer)
are you (married|rich|happy)
is the (air|carpet) (filtered|clean|organic)
= other goods
do you (have|stock) (stamps|watches|bikes|cameras|dumbbells|wigs|toothbrushes|hearing aids|bread|phones|flowers|snacks)
do you have (a shop|a gym|a cafe|a machine for snacks|an atm|weights|a library|a garden)
is there (a gym|a shop|a kiosk|a cash machine|a sauna) (in the building|nearby|there)
= other trades
do you (offer|provide) (tattoos|piercings|lashes|loans|mortgages|haircuts|nails|passport photos|legal advice|blood tests|nutrition advice|translations|catering|surgery)
can i (get|do|make|give me) (a tattoo|my nails|a loan|a mortgage|a passport photo|a piercing|a blood test)
do you (repair|walk|take) (horses|cats|cars|computers|birds|snakes)
can you (represent|defend|marry|teach|drive) us (in court|to swim|home|)
= entertainment
can i watch (tv|the match) (there|in the chair|)
do you have (magazines|television|games|video games)
which (actors|singers) (come|go) (to you|there)
= ev charging
can i charge my (car|phone|e-bike) (there|at your place|)
do you have a (charger|charging point|socket)
= smalltalk self
what's your favourite (colour|film|song|food)
do you (love|hate) (music|dogs|your job|me)
= clothes
which trousers are best for the exam
do my knees have to be free
should i dress warmly
is sportswear needed
do i lie there in my underwear
are there gowns or towels to cover up
can i come straight from work in my suit
= bring
anything to take along
what all should i gather beforehand
do you need to see my card or passport
shall i carry my own mat or are there some there
i want to prepare, what should be in my bag
= dogs
may the cat be there too
i can't leave the dog at home
my dog goes everywhere with me
= children welcome
what do i do with the kids meanwhile
is it fine to have my three year old with me
can the little one sit beside me
are prams fine inside
= treats children
would you do it for a little girl of five
is he old enough at thirteen
our teenager wants to come, is that possible
kids' sizes too?
do you work with little children
= parking
somewhere to leave the car
is there a spot for a camper
do i get a parking fine there
where do i put the car
= access
my legs are bad, do i have to climb
grandma can't do stairs
does it have a lift up to you
= getting there
what's the way from the motorway
which stop do i get off at
i don't drive, how do i come
do trains go there
how many minutes on foot from the jetty
= pay how
is plastic ok
debit ok?
mastercard or visa fine?
cash or card
what about cheques
do you do contactless
= pay when
is anything due up front
do i pay the whole sum first
do i get billed afterwards
can you put it on my tab
= instalments
it's a lot of money, may i pay it off
can the sum be split
= plan
something like a monthly fee
is there a package for regulars
do you have a flat rate
= insurance
who deals with the insurer, you or me
does my health fund chip in
do you send the claim yourselves
straight to the insurer, is that possible
which cards from my plan do you need
is my plan accepted
= work injury
i slipped at work and have a claim
my boss's insurance pays, i got hurt on site
it's a compensation case
= referral
does my gp have to write something
no doctor sent me, is that fine
must there be a doctor's note
do you take people straight off the street without a doctor
= new clients
do you still have room for more clients
could i still sign on with you
do you take on anybody new
= walk in
what if i just come by
do i have to ring first or can i turn up
must everything be booked
no appointment, is that ok
= records
can my old practice send things over
would you ask my last doctor for the file
i'd like a copy of what you wrote about me
do i leave with a printed prescription
= xray
i've got pictures from the hospital, useful?
shall i take along the disc
do my old scans help you
= late
the traffic is awful, will you still have me
can't be there on the dot
i could be a quarter of an hour behind
my bus is slow today, do i lose my turn
how much delay is fine
= early
how much ahead should i turn up
is five minutes before enough
can i arrive sooner
= cancel rules
do i owe anything when i call it off the evening before
what does it cost to cancel at short notice
till when is calling off free
can i back out
what's the rule when plans change
= missed
i slept through it, do i pay
what's the penalty for not turning up
= reminder
will somebody tell me the day before
can you text me so i don't forget
i always forget, do you nudge people
= vouchers buy
how could i get a present for a friend
i need a gift for my sister's birthday
something to put in an envelope for mum
where do i get gift cards
= vouchers valid
when does a gift card run out
my voucher is from last year, does it still work
how much time do i have to use the certificate
= receipt
could i have that on paper for my boss
can it be billed to my company
do i get something for my tax return
= tax included
is anything added at the till
before or after tax, your prices
does tax come on top
= tip
is it rude not to tip
do the girls get tips
= toilet
where can i go to the loo
is there one for the disabled
= shower
can i rinse off after class
is there a place to get changed
may i wash up after my session
= pool
anything in the water
can one swim there
= drinks
will i get thirsty there
is there a kettle
water while i wait?
= eat there
may i have my lunch in the chair
can she have her dinner during it
is a snack ok
= eat before
should my stomach be empty
is a big lunch before it a bad idea
= wifi
what's the internet like there
how do i get online in the waiting area
guest network?
= music
must i listen to your radio
no small talk please, is that possible
= waiting
is there a chair for my dad
can parents stay and wait
= companion
may i sit with him while you do it
could my sister watch
can i hold her hand
= breastfeeding
my baby is hungry, is there a quiet corner
a place to nurse?
= pregnant
i'm expecting in june, does that matter
can mothers-to-be have one
sixth month, ok?
= pain
how bad is it
is it agony
are needles nasty
tell me honestly, is it unpleasant
= nervous
i hate needles, what can you do
i faint when i see blood
i'm really not brave
my girl is frightened, how gentle are you
= sedation
can i be knocked out
do i get an injection for it
= after care
am i all right to drive home
can i go straight back to work
what must i not do afterwards
is sport ok the same evening
= results last
for how many weeks will it stay
does it wash out
will it be gone in a month
how long till i need it again
= how often
is every six months right
how regular should it be
when should i be back for the next one
= ready when
when do i get my pictures
how many days until i can have it
is it done the same day
when are they in
= guarantee
it snapped after a week, what now
if it isn't right do you do it over
for how long is it covered if it breaks
= own material
i bought the parts online, will you put them in
shall i bring the hair myself
may i keep my frame
= products
what do you put on the skin
what's the cream called
can i take some home
= allergy
nuts make me ill, what's in it
my skin reacts to everything
is there latex
= language
est-ce que quelqu'un parle français
je parle français
habla español
i don't speak english well, is there someone
my mother only speaks polish
do any of you talk urdu
= home visit
my mum is bedridden, do you drive out
do you also come round
would you come and see my father, he can't get out
is it possible at my place
= video
is it also done by phone
would a call over the internet do
do i need to be there in the flesh
= privacy
who gets to read this
do you tell anybody what i say
is my stuff locked away
what happens to my numbers and papers
= robot
is there a human behind this
am i speaking to a computer right now
you're not real, are you
= difference
the firm one or the soft one, how are they unlike
one versus the other, explain
which of them is right for me
= beginner
i'm a total novice, is it too hard
never done it in my life, hopeless?
= trial
could i have a go first
is there a first one to see if i like it
= group size
is it just my son alone with the teacher
how many of us will there be
will i be by myself
= lend
could we borrow one for some months
do you have spares to use meanwhile
can i get one on loan
= drop off
is there a slot in the door for letters
= deliver
would you come and fetch it
do you bring it back to my house
= deadline
when does it have to be in
by what date do you need everything
= more time
can i get a few more weeks
i'm not ready, can it be later
= overdue
i have five years that were never done
nothing was filed since 2020, can you fix that
i've put it off for ages
= money back when
when is the money in my account
= photo permission
may i film it
do you put us on your website
= qualification
have the teachers taught at real schools
did you study this
are you real doctors
= change person
can i always get the same girl
= homework
is there work to do at home
= jobs
do you take apprentices
do you need help at the desk
= history
since when does the place exist
how long have you been in business
= curious
what's the ceiling made of
how many did you do last year
= other goods
do you sell energy drinks
= other trades
can you cut my grass
do you do eyebrows too
= entertainment
is there a tv in the room
= clothes
what's best to have on
is a skirt a problem
can i come in my uniform
do i strip down to my shorts
something with short sleeves?
how should my mother dress for it
is there a robe for me
= bring
do you have towels or do i bring mine
which papers do i need to have on me
do you want to see my licence
shall i have my old ones with me
what must not be forgotten at home
is there a list of what to take
= dogs
may our spaniel wait beside me
would a small dog bother you
i come with my guide dog
are cats all right
can he bring his hamster
pets?
= children welcome
nobody can mind my daughter, can she sit there
would a baby in a pram be in the way
are little ones a nuisance
is there a place where kids can paint
may the twins run around there
= treats children
is six too small for it
would you see my newborn
do you work with teens
when is a child big enough
can an eight year old take part
is my nephew allowed at fifteen
how soon after birth can one come
= parking
is there a lot for cars
where does one put the car
do i have to feed a meter
can i stop right outside to unload
is the car park far
= access
can someone who can't walk get in
how many stairs do i have to take
are the doors wide enough
is it doable with a cast on my leg
do i have to climb to get to you
my dad is frail, how does he get up to you
is there one step or many
= getting there
do buses stop close to you
what's the closest metro
how long is the walk
i'm new in town, which way is it
does a tram go by
what do i tell the taxi driver
= finding the door
i'm standing outside and see no sign
which house is it
do i ring or just walk in
where's the way in
what colour is your door
= bicycle
i cycle, where do i put it
are there racks
is my bike safe outside
= pay how
does amex work
is paper money fine
do you take my phone for paying
can one pay with a cheque
i've no cash on me, ok?
is there a terminal
which ways are there to settle the bill
= pay when
is it money first
do i settle up at the end
is part of it due when i book
when will you charge me
= instalments
may i pay a bit each month
i'm short of money right now, can i stretch it
do you do pay later
= plan
can i subscribe
is there something like a ten pack
what's the deal with membership
do regulars have a monthly price
= insurance
who sends the claim in
does my employer's plan chip in
will the fund reimburse me
do you deal with the insurer for me
how do i claim
is there cover for it
do i hand you my insurance card
= work injury
i fell at work
it happened on the building site
is it ok if it's a workers' claim
my employer pays since i hurt myself there
= referral
must i see my gp first
is a slip from the doctor needed
do i need to be sent by somebody
will you see me though no doctor wrote
= new clients
can you still take us on
do you have capacity for new folks
is it closed to newcomers
could my family join your list
= walk in
is it all right to come by unannounced
can one turn up on the day
would you serve me without a booking
do you only work by appointment
= records
i changed dentists, can you get the file
who has my old notes
please fetch my papers from the last place
do i own my prescription
can i carry my results to another shop
= xray
i have images on a stick, do you want them
would my mri be of help
do i carry the scans along
= late
is a few minutes after ok
i missed the bus and will be there after
how strict are you with time
if i'm held up, is my slot gone
will you still do it when i turn up after the time
traffic is bad, what now
= early
can i just come on the minute
do you want me there before
what time do i show up for a nine o'clock
= cancel rules
up to which hour is it free to call off
will it cost me to pull out the day before
i may have to drop out, what's the fee
is it ok to change my mind
do i lose money if i call off tomorrow
= missed
if i sleep in, what do i owe
does not showing up cost something
what if i forget about it
is the full price due when nobody comes
= reminder
i forget things, do you write to me before
is there a note the day before
how will you remind me
= vouchers buy
can i get something to give away
i'd like to pay for somebody else's visit as a gift
what can i put under the tree from you
how much must a gift voucher be at least
do you wrap up gift cards
= vouchers valid
is there an end date on the card
my gift card is two years old
till when do i have to use it
= receipt
can you write me out a bill
i need it in writing for the tax people
my company wants an invoice
can i get a slip for what i paid
= tax included
is that the final price
do you put anything on top at the end
is gst in there
= tip
what do people give on top
may i give her a little extra
do you expect something extra
= toilet
where's the loo
my son has to pee, is there one
is your bathroom ok for a wheelchair
= shower
i come from the gym, can i wash
is there a room to get dressed in
do you have a place to rinse
= pool
is there water therapy
do you have a jacuzzi
= drinks
do i get something warm to drink
is there a water cooler
a cup of tea perhaps?
= eat there
can my kid munch on something
is bringing a sandwich ok
= eat before
can i have a big breakfast
must i skip lunch
no food before?
= wifi
can i get on the internet
is there a network for guests
may i work on my laptop there
= music
can you turn the music off
i don't like chatting, ok?
may i have my own songs
= waiting
is there somewhere to sit
where do the parents stay
how comfy is the lobby
= companion
may my mum be in the room
i'd feel better with my husband there
can somebody hold my hand
= breastfeeding
where can i nurse
is there privacy for feeding my baby
= pregnant
is it fine in the third month
can you do it on a pregnant lady
i'm due in may, is it still on
baby on the way, any problem?
= pain
is it going to be uncomfortable
do people cry
does one feel the needle
is it gentle
= nervous
how do you calm people down
i get panic attacks
i'm such a coward
needles terrify me
i've put it off because i'm afraid
= sedation
can i sleep through it
do you have gas
is there something to calm me
= numb after
when can i feel my lip again
will i drool
how long till i can eat again
= after care
do i have to lie down after
may i go for a run after
must i take the day off
is wine ok that evening
can i sit behind the wheel after
= results last
how long before it fades
when does it grow out
will it still look good in two months
how many washes does it survive
= how often
once a year or twice
what's a good rhythm
do i have to come every month
is yearly fine
= ready when
how long does it take you to make them
when can i fetch it
do you finish the same day
when do the photos come
is it quick to make
= guarantee
it broke, is that on you
do i get a new one when it fails
what if the screw comes out again
for how long do you stand by your work
= own material
i have my own fabric
will you fit what i bought elsewhere
may it be put into my old frame
do i supply the wool
= products
do you sell what you use
which brand do you put on
what's your shampoo
can i get that cream
= allergy
latex makes me itch
do you test on the skin before
any nuts in it?
i react to perfume
= language
who of you speaks italian
ist jemand da der deutsch spricht
is there anybody for a spanish speaker
my wife knows only arabic
can you do it in polish
= home visit
do you make trips to patients
would you travel to us
my gran is stuck in bed
could it be done in my living room
is there someone who drives to people
= video
could we do it on the phone
is a call enough
do you see people on screen
i live far away, can it be online
= privacy
do you hand my data on
who else reads this chat
where do my files end up
is it secret what i tell
= robot
am i texting a machine
is somebody typing there
are you a chatbot
= difference
explain how these two differ
why is one dearer than the other
is the second better
= beginner
do i have to know anything before
is it for people who are bad at it
i have two left feet
= trial
may i have a taste first
can one come once to see
a lesson to try?
= group size
will there be many of us
is it private or with others
= lend
do you have one i can use meanwhile
may i take one home for a week
could you give me a loaner
= drop off
where can i put my envelope at night
may i just leave it with you
can my neighbour collect it
= deliver
do you bring it round
can you post them to me
do you pick up from home
= deadline
by when must it be in
is it too late to file
what date is it due
= more time
i won't make the date, what can be done
can it be put off officially
= overdue
i'm many years behind
i never sent them in, will you take it on
we haven't done ours since the move
= years keep
can i burn my old papers
how many years of bills must stay
= money back when
i'm waiting for money from the state
when will the office pay out
= donate
who takes used ones
is there a box for old specs
= cleaning care
what do i wipe them with
may it go in the dishwasher
how do i keep it nice
= preparation hair
should it be freshly washed
no lipstick before?
do i take my nail polish off
should i trim it myself
= swim with
is the sea bad for it
can they get wet
= sunglasses
dark ones with my strength?
= photo permission
may i put it on my page
are cameras ok
= ill
i have a runny nose, still come?
i'm contagious, what do you want me to do
= theft lost
did you find a glove
i left my hat there
= qualification
where did you learn this
is he a real dentist
are you licensed
= change person
can it be the same lady each time
i'd rather have somebody new
= jobs
is there work for my son
do you train people
how much do you pay your staff
i want to apply
= branches
do you have a shop in the capital
is there one of you nearer to me
= history
who was the first owner
how many years has it been there
is it a family business
= curious
how thick is the glass
what's the floor made of
how many chairs are there
which company made your machine
do the plants get watered
= other goods
do you stock umbrellas
can i buy a bike there
do you have postcards
do you sell tickets
do you have keyrings
= other trades
do you do plumbing
can you tattoo me
do you cut dogs
do you teach karate
do you lend cash
will you be my lawyer
= entertainment
is there a game to play
can i see the match
= ev charging
is there power for my car
= smalltalk self
do you sleep
how is your day
what do you eat
`;
