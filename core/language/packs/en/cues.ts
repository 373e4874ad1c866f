import type { Errand } from "../../errand.ts";

/**
 * Plain signs of an errand, looked for in what was said after days, times, services, people, names and numbers have
 * been put aside as `<day>`, `<time>`, `<service>`, `<staff>`, `<name>`, `<phone>`, `<email>`, `<length>`, `<places>`.
 */
export interface Cue {
  errand: Errand;
  name: string;
  pattern: RegExp;
}

const APPT =
  "(?:appointment|appt|booking|visit|session|reservation|slot|<service>|<time>|<length>|<day>|it|one|place|spot|class|that|this|mine|things|something)";

export const CUES: Cue[] = [
  // Moving comes before booking: "book it for another day instead".
  {
    errand: "move",
    name: "reschedule",
    pattern:
      /\b(?:re-?schedul\w*|re-?book\w*|postpone|put off|bring forward|(?:bring|pull|move|push) (?:it|that|this|mine|<service>|(?:my|our|the) (?:appointment|visit|<service>)) forward|push (?:it |my |that |the |back)|pushed? back|swap (?:my|it|the))\b/,
  },
  {
    errand: "move",
    name: "move-it",
    pattern: new RegExp(
      `\\b(?:move|(?<!\\b(?:my|his|her|our|their|a|the|night|day|late|early|work|morning|evening) )shift|change|switch|transfer|bump|push)\\b(?! (?:my )?(?:name|number|phone|email|mind|clothes|dressing))(?: \\w+| <\\w+>|,){0,5}? ${APPT}(?!\\w)`,
    ),
  },
  {
    errand: "move",
    name: "come-instead",
    pattern: /\b(?:come|do|make it|have it|be seen) (?:\w+ )?(?:on )?<(?:day|time)> instead\b|\binstead of (?:my )?(?:<(?:day|time)>)/,
  },
  {
    errand: "move",
    name: "longer",
    pattern:
      /\b(?:add|adding|tack(?:ing)? on) (?:an? |another |an extra |some )?(?:extra |more )?<length>(?: more| extra)? (?:to|onto|on) (?:my|our|the|it|that)\b|\b(?:extend|lengthen|prolong|shorten) (?:my|our)\b|\bmake (?:my|our)(?: \w+| <\w+>){1,3} (?:<length> )?(?:longer|shorter)\b/,
  },
  // "My massage is with Nell on the 10th, can I have it on Friday": what theirs is, and how it is to be.
  {
    errand: "move",
    name: "theirs-otherwise",
    pattern:
      /<day>'s (?:<service>|(?:appointment|visit|booking|one)\b)[^.?!]*\binstead\b(?! of)|\b(?:my|our) (?:next )?(?:<service>|appointment|visit|booking|session|lesson|class)(?:'s| is| was)(?: booked| set| down)?(?: (?:for|on|at|in))?(?: (?:with )?<(?:staff|day|time)>)+[\s,;.-]+(?:and |but |so )?(?:can|could|may|might|would) (?:i|we|you|it|that)(?: please| maybe| perhaps)? (?:have it|get it|do it|make it|put it|take it|be|move it)\b[^.?!]*<(?:day|time|staff)>/,
  },
  {
    errand: "ask-service",
    name: "would-it-help",
    pattern:
      /\b(?:would|will|could|does|do|can) (?:an? |the |some |your )?<service> (?:help|work|do any good|be any (?:good|use|help)|make (?:it|things|that) (?:better|worse))\b/,
  },
  { errand: "move", name: "different-time", pattern: /\b(?:another|different|new) (?:time|day|date) for (?:my|the)\b/ },
  {
    errand: "cancel",
    name: "cancel",
    pattern:
      /\b(?:cancel(?:l?ing|l?ed)?(?!l?ation)|call off|delete my|drop my|take me (?:off|out(?! (?:for|on|to|with|in|sailing|riding|there|at|<)))|scrap my|get rid of (?:my|both|all|them|it|the|that)|remove my (?!<service>)|remove me|(?:please )?scratch my|(?:has|have|need|needs|will have|must)(?: to)? be (?:called off|cancelled|canceled|scrapped|dropped)|(?:only|just) (?:want to |need to |wish to |'d like to )?keep|keep (?:only|just))\b(?! (?:policy|fee|rule))|<service>[^.;?!]{0,24}\b(?:(?:isn't|is not|aren't|are not|won't be) (?:needed|necessary|required|wanted)|(?:is|are) no longer (?:needed|necessary|required|wanted))\b/,
  },
  {
    errand: "cancel",
    name: "not-coming",
    pattern:
      /\b(?:(?:can'?t|cannot|can not|won'?t|will not|unable to|not able to|not going to|not gonna)(?: be able to)? (?:make|come|attend|be there|keep|bring (?:it|him|her|them|the|my|our))\b(?! (?:a|an|out|sense|heads?|sure|decisions?)\b)|won'?t be (?:there|coming|seeing (?:me|us))\b|(?:don't|no longer) (?:need|want) (?:my|the|that) (?:<\w+> )?(?:appointment|visit|session|booking|<service>))/,
  },
  {
    errand: "ask-mine",
    name: "my-appointment",
    pattern:
      /\b(?:who (?:will be|is|'ll be|is going to be) (?:seeing|treating|doing) (?:me|us)|who (?:am i|are we) (?:seeing|booked with|with|down with)|when(?:'s| is| was| are)? (?:my|our)|what (?:time|day)(?:'s| is| was| did) (?:my|i)|what time am i|what (?:time|day|hour|date) (?:did|have) you (?:give|given|put|book(?:ed)?|written|write|say|said|tell|told)\b|what (?:did|have) i (?:just )?book(?:ed)?|when am i|do i have (?:an|any|a) (?:appointment|booking|visit)|have i got (?:an|any)|(?:check|confirm|remind me of|look up|see|find) (?:\w+ )?my (?:appointment|booking|visit|<service>)s?|who(?:'s| is) my (?:appointment|<service>) with|am i (?:booked|down|still)|(?:he|she|they|my \w+|<service>)(?:'s| has|'ve| have) (?:already )?(?:got )?(?:an?|one) (?:appointment|booking|visit)(?! (?:free|available|open))|is my (?:appointment|<service>|booking))\b/,
  },
  {
    errand: "person",
    name: "a-person",
    pattern:
      /\b(?:(?:put|pass|hand|transfer) (?:me|us) (?:on |over )?to (?:a|some(?:one|body)|the)\b|(?:put|get) (?:a |an |some )?(?:human|person|somebody|someone) on\b|(?:speak|talk|chat|put me|get me|connect me|transfer me|through)(?: \w+){0,2}? (?:to|with|through to) (?:a |an |the |some |somebody|someone|real|actual|live|human|person|desk|manager|staff|one of you|reception|<staff>)|(?:real|actual|live) (?:person|human)\b(?!.*\?$)|a human|(?:someone|somebody|a person) (?:to )?(?:call|ring|phone|contact) me|call me back|(?:human|operator|representative|a person) please|who (?:do|should) (?:i|we) (?:talk|speak|complain|turn) to\b|^(?:human|person|operator|agent)\W*$|get (?:me )?(?:a person|someone|somebody))\b/,
  },
  {
    errand: "message",
    name: "leave-message",
    pattern:
      /\b(?:(?:leave|take|pass(?: on)?|give|send) (?:\w+ ){0,3}?(?:a |this |my )?(?:message|note|word)|(?:tell|let) (?:<staff>|the (?:desk|manager|team|physio|therapist)) (?:that|know|i)|(?:make|have|file|lodge) a complaint|(?:i'm|i am|i want to|i wanna|i'd like to) complain\w*|charged (?:me )?(?:twice|double|wrong)|overcharged|wrong(?:ly)? charged|not happy with|unhappy with|unacceptable)\b/,
  },
  {
    errand: "ask-price",
    name: "price",
    pattern:
      /\b(?:how much|what(?:'s| is| are| does| do| would| will)?(?: \w+| <\w+>){0,5} (?:costs?|prices?|charge|rates?|fees?|run me|set me back)|prices?\b|pricing|cost of|costs?\b|rates\b|price ?list|what do you charge|how expensive|(?:is|are) (?:it|they|<service>) expensive|is (?:it|that) (?:about |around |only )?\$)/,
  },
  {
    errand: "ask-hours",
    name: "open",
    pattern:
      /\b(?:(?:are|r) (?:you|u|ya|they) (?:guys )?(?:open|closed|shut)|when (?:do|are) (?:you|u) (?:open|close|shut)|what time (?:do|are) (?:you|u) (?:open|close|shut)|(?:opening|business|office|open|clinic|working) (?:hours|times)|what(?:'s| are| r) (?:your|ur|the) hours|(?:know|tell me|about|check|need) (?:your|ur|the) (?:opening |business |office )?(?:hours|times)\b|hours\?|open (?:on|at|until|till|late|early) (?:<|the|week|sun|holi)|(?:is|are) (?:the|your) [a-z]+ (?:open|shut|closed)\b|closed (?:on|for)|how late are you|what days are you|you open|till when|until when)/,
  },
  {
    errand: "ask-place",
    name: "place",
    pattern:
      /\b(?:where (?:are|r) (?:you|u)|where(?:'s| is) (?:the|your) (?:clinic|place|practice|office|shop|building|studio|salon)|(?:your|the) address|what(?:'s| is) (?:the|your) address|directions|how do i (?:get|find)|find you|(?:located|location)|parking|park(?: my| the| a|\?|$)|which bus|what bus|bus (?:stop|route|line)|wheelchair|(?:is there|got|have) (?:a )?(?:lift|elevator|ramp|stairs|parking)|step[- ]free)/,
  },
  {
    errand: "ask-policy",
    name: "policy",
    pattern:
      /\b(?:cancell?ation (?:policy|fee|rule|charge)|late fee|no[- ]show|policy|gift (?:card|voucher|certificate)|vouchers?|(?:accept|take) (?:credit|debit|cash|cards?|cheques?|checks?|visa|mastercard|amex|american express|paypal|e-?wallets?|insurance|my plan|apple|google pay)|(?:pay|paying) (?:by|with|cash|card)|how (?:can|do) i pay|direct(?:ly)? bill\w*|(?:health|benefits?|insurance) plans?\b|bill (?:my|me)|(?:covered|coverage|insurance)\b|receipts?|invoice|deposit|(?:send|get|have) (?:\w+ )?reminders?|referral|doctor's note|tips?\b|taxes?)/,
  },
  {
    // Asked as a supposition, a rule is meant and nothing is to be done.
    errand: "ask-policy",
    name: "what-if",
    pattern:
      /\b(?:(?:what|how much)(?: \w+| '?s){0,3} (?:if|when) (?:i|we|someone|one) (?:\w+ ){0,3}?(?:cancel|move|reschedule|change|miss|forget|don't|do not|can't|cannot|am|come late|no[- ]show)|what happens (?:if|when) (?:i|we)|(?:can|may|could) (?:i|we|one) (?:cancel|move|change)[^.?]{0,30}(?:for free|free of charge|without (?:a |any )?(?:fee|charge|paying|penalty)))/,
  },
  {
    errand: "ask-price",
    name: "free-of-charge",
    pattern: /\b(?:(?:is|are) (?:the |a |an |your )?<service> (?:\w+ )?free\b(?! (?:on|at|<))|free of charge)/,
  },
  {
    errand: "ask-staff",
    name: "who",
    pattern:
      /\b(?:who (?:does|do|is|are|would|will|can|offers?|works?|teaches|gives|has|speaks)|who(?:'d|'ll|'s)? (?:it|that|this)(?: be)? with|which (?:therapist|physio\w*|person|instructor|one) |(?:is|are|does|do) <staff>(?: and <staff>)? (?:in|there|working|available|around|off|do|does|work|on|speak|offer|give|also|free)|when (?:is|does|will|are) <staff> |what (?:days|hours|times) (?:is|does|are|do) <staff>|<staff>'?s (?:hours|schedule|days)|does <staff>|can <staff> do|(?:do|is|are) (?:you|there)(?: have)? (?:a |any )?(?:female|male|woman|women|man|men|lady)|do (?:you|any of you) speak)/,
  },
  {
    errand: "ask-availability",
    name: "room",
    pattern:
      /\b(?:(?:is|are) there (?:\w+ ){0,2}?(?:anything|any|room|space|availability|a (?:slot|spot|time|place)|openings?|something|times|slots|spots|places?)(?! (?:parking|toilet|shower|where|wifi|minimum|fee|difference|way|drink|chance to talk))|(?:do|have|would|did) (?:you|u|ya)(?: guys)?(?: \w+){0,2}? (?:have|got|anything|any|room|space) ?(?:\w+ ){0,2}?(?:anything|availability|openings?|slots?|times?|free|available|open|room|space|<day>|<time>|left)|what(?:'s| is| have| do| times| time| days| are| other)? ?(?:\w+ ){0,4}?(?:available|openings?|free|availability)\b|what (?:days?|times?|dates?|hours|slots)(?: (?:are|is) there| (?:do|have) you(?: have| got)?| (?:can|could) (?:i|we) (?:have|choose|pick))\b|any (?:availability|openings?|chance of|room|space|slots?|times?|spots?)|(?:is|are) <service> (?:available|full|booked up|taken)|(?:is|are) (?:<staff>|anyone|you|<day>|<time>|that|it) (?:free|available|full|booked up|taken)|when(?:'s| is| are| could| can| would) (?:the|your|i|my|we) (?:next|soonest|earliest|get in|first|come)|when is (?:<staff>|someone) (?:free|available)|(?<!\b(?:is|are) (?:the|your) [a-z]+ )(?:free|open|available) (?:on )?<day>|(?:who|which [a-z]+|what [a-z]+|whoever)(?:'s| is| has| can see me)(?: the)? (?:free|available)? ?(?:first|next|soonest|earliest)\b|(?:could|can|would|will) <staff> (?:do|make|manage|see me|fit me in|take me)\b[^.?<]{0,12}<(?:day|time)>|is there (?:still )?one (?:<day>|<time>|free|left|available|going)|anything (?:\w+ )?(?:<day>|<time>|free|open|available|on|for)|what (?:can|could) you (?:give|offer) (?:me|us)\b|earliest you|what about <)/,
  },
  {
    errand: "ask-service",
    name: "service",
    pattern:
      /\b(?:do (?:you|u|ya)(?: guys)? (?:do|offer|have|provide|give|treat|also)(?! (?:any )?(?:time|room|availability|anything|opening))|what(?:'s| is| are)(?: a| an| the)? <service>|what(?:'s| is| are) (?:the )?difference|how long (?:is|does|are|will|do|would)|what (?:services|treatments|do you (?:do|offer))|what (?:should|do|shall|must) i (?:have to |need to )?(?:wear|bring|need|prepare|take along)|(?:remind|tell|let) (?:me|us)(?: know)? what (?:i(?:'m supposed to| am supposed to| (?:have|need|ought) to| should| must)|to) (?:wear|bring|prepare|take along)|(?:should|do) i (?:need to )?(?:wear|bring)|tell me (?:more )?about|what happens (?:in|at|during)|what(?:'s| is) included|what do(?:es)? (?:\w+ |<service> )?include|is <service> (?:good|right|for|ok|safe)|(?:does|do|will|can) <service> (?:hurt|help)|(?:good|right|best) for|which (?:massage|service|treatment|one) )/,
  },
  {
    errand: "book",
    name: "book",
    pattern:
      /\b(?:(?<!\b(?:cheque|check|red|record|log|exercise|note|phone) )book(?:ed|ing)?(?! (?:as|under))|make (?:an?|another|my) (?:appointment|appt|booking|reservation|<service>)|(?:an?|another|new) (?:appointment|appt|booking|reservation)|(?:schedule|set up|arrange|reserve|get) (?:me |us )?(?:an?|in|my|for|some|another|the|<)|sign (?:me|us) up|put (?:me|us) (?:down|in)(?! touch)|get (?:me )?in(?: to see|\b)(?! with (?:a|my) (?:wheelchair|pram|stroller|buggy|walker|crutches|scooter|dog))|fit me in|squeeze me in|come in|come by|be seen|appointment (?:for|with|please|on|at)|see (?:<staff>|someone|somebody|a physio|the physio|a therapist))\b/,
  },
  {
    errand: "book",
    name: "want",
    pattern:
      /\b(?:(?<!\b(?:do|did|would|will|should) )(?:i|we)(?:'d| would|'ll| will)?(?: really| just)? (?:like|love|need|want|wanna|take|have)(?: to (?:have|get|try|do|come|join|see|start|take))?|(?:can|could|may|might) (?:i|we|you|u)(?: please)? (?:have|get|do|come|join|try|take|see|give me)|looking (?:for|to (?:get|have|do|try))|(?:i'm|am) after|hoping (?:for|to get)|(?:need|want|wanna|gimme|give me)) (?:\w+ |<(?:length|places|day|time|staff)> |(?:of|in) ){0,6}?(?:<service>|<length>|<places>)/,
  },
  {
    errand: "book",
    name: "with-whom-when",
    pattern:
      /^\W*(?:(?:hi|hello|hey|good \w+)\b[ ,!.]*)?(?:<length> (?:of )?|<places> (?:in |for |at )?(?:the |a )?|a |an |one )*<service>\W*(?:(?:with|on|at|for|in|the|and|please|maybe|ideally|around|possible|if)\b[ ,]*)*<(?:day|time|staff|length|places|name|phone)>/,
  },
  {
    errand: "thanks-bye",
    name: "bye",
    pattern:
      /\b(?:bye|(?<!\b(?:say|saying|said) )goodbye|see (?:you|ya|u)|have a (?:good|nice|great|lovely)|take care|cheers|that(?:'s| is|'ll be| was| will be) (?:all|it|everything)|all (?:set|done|good)|nothing else|ttyl|good ?night)\b/,
  },
  {
    errand: "thanks-bye",
    name: "thanks",
    pattern:
      /^(?:ok(?:ay)?|great|perfect|lovely|wonderful|no|nope|alright|brilliant|good|awesome|super|cool|fine)?[,.! ]*(?:(?:many|no) )?(?:thanks|thank you|thx|ty|cheers|much appreciated|appreciate it)[a-z ,.!]{0,40}$/,
  },
];
