import type { Errand } from "../../errands.ts";

/** Example sentences per errand, ours alone; finds are written as their placeholders. No test may use any of them. */
export const EXAMPLES: Record<Exclude<Errand, "none" | "emergency" | "refused">, readonly string[]> = {
  book: [
    "id like a booking please", "could someone see me for my knee", "need to get this shoulder looked at", "my back is killing me can i come round <day>", "wondering if i might pop in <day>", "first timer here want to start",
    "put me down for <service> <day>", "lets do <service> <day> <time>", "<service> <day> please", "im hoping to see <staff> <day>", "would <staff> have me <day> at <time>", "two of us want the <service>", "my neck is stiff need help soon",
    "we want to join the <service>", "grab me the slot at <time>", "any chance i could see <staff>", "id be keen on a <service>", "sort me out with <service> for <length>", "i twisted my ankle and would like someone to have a look",
  ],
  move: [
    "i need my appointment at some other time", "something came up on <day> can we do <day>", "is it possible to have mine a bit later", "could my <service> be on <day> rather than <day>", "my slot on <day> doesnt suit any more find me another",
    "can i come <time> and not <time>", "i would sooner come on <day>", "have to alter the time of my visit", "the <day> one needs to go to <day>", "please make my <service> later that day",
  ],
  cancel: [
    "i wont be coming <day>", "please take my name off for <day>", "something has come up and i have to pull out", "i need to call <day> off", "free up my place on <day>", "no need for the <service> any longer", "ive got covid so not coming in", "count me out of <service>",
  ],
  "ask-price": [
    "whats the damage for <service>", "what would i pay for <length>", "tell me what <service> is going for", "is <service> dear", "what is the charge for <service> <length>", "and the money side", "price for <service>", "give me a figure for <service>",
  ],
  "ask-hours": [
    "when could i drop by is it open late", "do you work weekends", "is the place open <day>", "at what hour do you shut <day>", "closing time <day>", "do you do evenings", "are there weekend hours", "open bank holidays",
  ],
  "ask-service": [
    "what is it like", "what does <service> involve", "is <service> something you provide", "how many minutes is <service>", "what clothes for <service>", "would <service> suit a sore knee", "do you see people with back trouble", "what kinds of massage are there", "explain <service> to me", "is it painful", "can kids do <service>", "what do you offer",
  ],
  "ask-place": [
    "whats the street", "which side of town is it", "where do i leave the car", "can i get there by bus", "how would i reach you", "is there somewhere for a wheelchair", "what floor", "which door do i come in",
  ],
  "ask-policy": [
    "do you need money up front", "what if i dont turn up", "is plastic ok for payment", "can my plan be charged", "do i get something for my taxes", "how far ahead must i call it off", "could i buy a present for my mum", "whats the rule on being late",
  ],
  "ask-staff": [
    "which of you does <service>", "whos on <day>", "tell me about <staff>", "what is <staff> like", "has <staff> got days off", "is there a lady doing <service>", "whats <staff> specialised in", "does anyone know french",
  ],
  "ask-availability": [
    "how does <day> look", "could anything be had <day> <time>", "whats free", "when might <staff> be free", "is <day> full", "got space <day>", "how soon can i be seen", "which times are left <day>", "would <time> be possible",
  ],
  "ask-mine": [
    "i forgot when im supposed to come", "what did i book", "was it <day> or <day> i have", "who am i seeing", "which day did i get", "remind me what time i come in",
  ],
  message: [
    "could you tell <staff> im grateful", "please inform the manager", "i wish to raise a concern", "ask <staff> to write to me", "let them know my knee is better", "pass along that i left my scarf", "the bill is wrong", "i was treated rudely",
  ],
  person: [
    "id rather deal with someone human", "is anybody there i can talk to", "this isnt helping get somebody", "i want the receptionist not a computer", "could someone ring me", "let me talk to the boss",
  ],
  "thanks-bye": ["ta very much", "much obliged", "thats great thank you so much", "perfect have a good day", "ok then bye bye", "later", "cheers then"],
  "out-of-scope": [
    "whats the weather like", "can you write me a poem", "who won the game", "what is the capital of france", "order me a pizza", "do you sell tyres", "tell me a joke", "how do i fix my printer", "book a flight to rome", "what is the stock price", "do you cut hair", "i need a plumber", "what do you think of politics", "translate this", "sing me a song", "solve this equation", "recommend a restaurant",
  ],
};
