import { NO_GOOD } from "./around.ts";

/** What tells, in a move or a cancellation, whether a day, an hour or a person is that of the visit there is or of the wish. */

/** A question in a part of its own, after which nothing is of the move. */
export const ASKS_BESIDES = /[,.;?!]\s*(?:and |also )*(?:what|when|how|where|are you|do you|is there)\b/;

/** Rules of lengths that say by how much. */
export const BY_RULE = /-by$/;

/** What leads in a day or an hour, and belongs to it. */
export const PREPOSITION = /^(?:on|at|for|the|my|this|next|around|about|after|before|by|in)\s/;

/** Between two where the second is of the wish. */
export const TURNS = /\bto\b|instead|[;?]|,\s*(?:maybe|perhaps|possibly|how about|what about)\b|[.!]\s+(?:is|are|could|can|would|may|how|what|maybe|perhaps)\b/;

/** Right after a day whose visit is spoken of. */
export const ITS = /^'s\b/;

/** Somebody's own, before it is named. */
export const OUR_VISIT = /\b(?:my|our)\s[^.;?!]*$/;

/** Right before what the wish stands instead of. */
export const INSTEAD_OF_IT = /\b(?:from|instead of|rather than)\s+(?:\w+\s+){0,2}$/;

/** Right before a day or an hour that is asked for. */
export const WOULD_IT_BE = /(?:^|[.,;!?]\s*|\b(?:and|so|but) )(?:is|are|would|could|might)\s+(?:on |at |the )*$/;

/** Right before what something is to be. */
export const TO = /\bto\s+(?:\w+\s+){0,3}$/;

/** "Need to", "like to": a verb follows, and no wish. */
export const VERB_TO = /\b(?:need|want|like|have|going|able|try|trying|hoping|wanted|supposed|meant|due|booked|scheduled) to\s+(?:\w+\s+){0,3}$/;

export const MINE = /\bmy\s+$/;

/** "To move my …": what there is follows. */
export const TO_MOVE =
  /\bto (?:move|change|swap|exchange|switch|shift|push|bring|reschedule|rearrange|postpone|transfer)\s+(?:my |our |the |his |her )?(?:(?!to\b|until\b|till\b)[\w']+\s+){0,3}(?:on |at )?(?:the )?$/;

/** Right after what is wished for. */
export const INSTEAD_AFTER = /^\s*instead\b/;

/** Right after what cannot be kept. */
export const DOES_NOT_DO = new RegExp(`^\\s*(?:\\w+ ){0,2}(?:doesn't|does not|don't|won't|will not|isn't|is not|is no|is bad|no longer|is too|${NO_GOOD})\\b`);

/** What is said of the one before, which cannot be kept. */
export const WILL_NOT_DO = new RegExp(`^\\s*(?:${NO_GOOD})\\b`);

/** Right before what is wished for. */
export const WHAT_ABOUT = /\b(?:what|how) about\s+(?:on |at |the )*$/;

/** Right before the day of what is to have another time. */
export const ANOTHER_TIME_FOR = /\b(?:another|a different|some other) (?:time|slot|hour) (?:for|on)\s+(?:my |the )*$/;

/** Right before what the wish takes the place of. */
export const IN_PLACE_OF = /\b(?:instead of|rather than|in place of|and not)\s+(?:my |our |the |this |that |on |at )*$/;

/** Something is liked better than something else: the one before "than", and the one after it. */
export const RATHER_BEFORE = /\b(?:rather|sooner|prefer|better)\b/;
export const THAN_BEFORE = /\bthan (?:(?:on|at|the|my|this) )*$/;
export const THAN_AFTER = /^,? (?:[a-z]+ ){0,2}?than\b/;

/** Right before and right after the day of what is put off: "put Thursday off", "push Thursday back a bit". */
export const PUTS_OFF = /\b(?:put|push|move|call|set|get)(?:ting|ing)? (?:my |the |our )?$/;
export const OFF_OR_BACK = /^(?:'s (?:[a-z]+ )?)? ?(?:off|back|out|on)\b(?! (?:to|by|on|at|for)\b)/;

/** Between what is wished for and what it is not to be any more. */
export const AND_NOT = /^\s*(?:,|and\b|instead,?)*\s*not\s+(?:on |at |for |the )*$/;

/** Soon after what is wished for, before what it takes the place of. */
export const IN_PLACE_OF_AFTER = /^[^.;?!]{0,20}\b(?:instead of|rather than|in place of)\b/;

/** Right before the day or hour of somebody's own visit. */
export const OURS_ON = /\b(?:my|our|from)\s+(?:[\w']+\s+){0,2}(?:on |at |for )?(?:the )?$/;

export const SAYS_TO = /\bto\s/;

/** Right before what something is to be. */
export const BE_ON = /\b(?:be|become|happen|take place)\s+(?:on |at |for )?(?:the )?$/;

/** "Move Thursday": right before what is to be moved. */
export const MOVES_THE = /\b(?:change|move|reschedule|shift|swap|switch|postpone|rearrange)\s+(?:on |this )?$/;

/** What follows it, where it is what is wished for. */
export const TO_AFTER = /^\s*(?:to|instead)\b/;

export const AT_OR_IN_THE = /^\s*(?:at|in the) \w+/;

/** "Thursday's", right before an hour of the same visit. */
export const ITS_BEFORE = /(?<!\b(?:that|it|what|let|there|here|who|he|she))'s\s+$/;

/** Somebody tells what they booked. */
export const HAVE_BOOKED = /\b(?:i|we)(?:'ve| have|'d| had)?(?: already)? (?:booked|scheduled|arranged|made)\b[^.;?!,]*$/;

/** Right after the day or hour of a visit. */
export const VISIT_AFTER = /^\s*(?:one|appointment|booking|visit|session)\b/;

/** One of two people is to do it in place of the other. */
export const ONE_PERSON_FOR_ANOTHER = /\b(?:see|have|be with|with|get|come to) [^,.;?!]{2,40}\b(?:instead of|rather than|in place of)\b/;

/** Right before whom a visit that is theirs is with. */
export const OUR_VISIT_WITH = /\b(?:my|our) (?:[a-z'-]+ ){1,3}with (?:the )?$/;

/** All that stands between a person and a day. */
export const ON_OR_AT = /^\s*(?:(?:on|at|for|this|next|coming)\s+)*$/;

/** One is to take the other's place. */
export const SWAPS = /\b(?:swap|switch|change|exchange)\b/;

/** Right before what begins a part of its own. */
export const AFTER_A_STOP = /[,.;!?]\s*(?:(?:maybe|perhaps|then|on|the|how about|what about|is|could)\s+)*$/;

/** Right before a day on which somebody is somewhere else. */
export const ELSEWHERE =
  /\b(?:i'm|i am|i'll be|i will be|we're|we are|we'll be|he's|she's|they're)(?: now| still)? (?:rostered|on (?:shift|duty|call|nights|night shift|leave|holiday)|working|at work|abroad|away|travelling|traveling|out of town|tied up|in hospital|having (?:an? |my )?(?:surgery|operation|op|procedure|baby|exam|interview|scan))\b[^.;?!]*$/;

/** Somebody goes somewhere on the day that follows: "I'm travelling to Ndola on". */
export const TRAVELS_TO =
  /\b(?:travelling|traveling|going|flying|off|driving|called|heading) to (?!the \d|an? (?:earlier|later|different)|move|change|cancel)(?:[a-z]+ ){1,3}(?:on |at |in )(?:the )?$|\bto (?:work|school|court|hospital|the (?:office|hospital|airport))\s+(?:on |at )?(?:the )?$/;

/** Right after a day that stands in the way of a visit. */
export const SO_IT_MOVES =
  /^[^.;?!<]{0,16}?(?:,? (?:so|and|therefore)|[,;]) (?:i|we)(?:'ll| will|'d| would)? ?(?:just |really )?(?:need|have|want|must|like|ought|am going|'m going|'re going)(?: to)? (?:re-?schedule|move|change|shift|switch|swap|push|postpone|rearrange|put off|bring)\b|^[^.;?!<]{0,16}?(?:,? so|[,;]) (?:my|our|the) (?:[a-z'-]+ ){1,4}(?:needs?|has to|have to|must|will have to|wants?)(?: to)? (?:be )?(?:an? (?:new|different|other)|another|moved?|changed?|shifted?|switched|postponed|rescheduled|rearranged)\b/;

/** Right before when somebody said that they would come: "I said eight o'clock on Wednesday, but …". */
export const I_SAID = /\b(?:i|we) (?:said|took|picked|chose|went for)(?: for)?\s*$/;
/** Right after it, and before what is wished instead. */
export const BUT_THEN = /^[^.;?!]{0,24}[,.;]? ?\bbut\b/;

/** What can be, after what cannot. */
export const SAYS_CAN = /\b(?:so|can|could|is there|are there|have you|do you have|what else|what about|how about|any chance|anything|something)\b[^']*$/;

/** Somebody tells for when they are down. */
export const SUPPOSED_TO =
  /(?<!\b(?:and|please|then|instead|could you|can you|would you) (?:put|book|sign) (?:me|us) )\b(?:(?:supposed|due|booked|down|meant) (?:to|for|in|with)|(?:i'm|i am|we're|we are) (?:booked|down) (?:at|on)|(?:was|were) going to (?:come|be))\b[^.;?!]*$/;

/** Somebody tells what they have. */
export const HAVE_GOT =
  /\b(?:i'm|i am|we're|we are)(?: booked| down)? in\b(?! (?:town|pain|the|need|trouble|hospital|bed|agony|a )\b)[^.;?!,]*$|\b(?:i|we)(?:'ve got| have(?: got)?|'ve(?= (?:an?|my|one|something)\b))(?! (?:to|been|time)\b)[^.;?!]*$/;

export const AND_OR = /\b(?:and|or)\b|,/;

/** Right before the person who is not wished for. */
export const RATHER_THAN_PERSON = /\b(?:from|instead of|rather than|in place of|than|and not)\s+(?:with |by |see |seeing )?$|\bprefer\b[^.;?!]{1,24} over $/;

/** "Make tomorrow's massage eleven": right before the day of what there is, and between it and the hour that is wished for. */
export const MAKES_IT = /\b(?:make|have|put|get) (?:my |the )?$/;
export const ITS_VISIT = /^'s (?:[a-z]+ ){1,3}(?:be |at |for |to )?$/;

/** Before a day: what they have is to be done by somebody else. */
export const DONE_BY_ANOTHER = /\b(?:some(?:body|one) else|another [a-z]+) (?:please )?(?:do|take|give me|see (?:me|us) for) (?:my|our|the)\b[^.;,?!]*$/;

/** Between what is to be later or earlier and the hour at which it is to be. */
export const SAY_AT = /^,? (?:to |say |maybe |perhaps |like |at )*$/;

/** Right before the one of two people who is wished for, and between them. */
export const PREFERS_ONE = /\bprefer(?:red)? (?:to (?:see|have|go to|be with) |seeing |it with )?$/;
export const TO_THE_OTHER = /^ (?:to|over) (?:seeing |having |with )?$/;

/** Right after the person who is wished for. */
export const INSTEAD_PERSON = /^\s*instead\b(?! of)/;

/** Right before the person who is wished for. */
export const TO_PERSON =
  /\b(?:swap|switch|change|exchange|trade) (?:[a-z]+ ){1,3}for\s+$|\b(?:to|over to|be with|(?:be )?done by|rather see|rather have|prefer|prefer to see|see|do it with|go to|with|(?:i'd|i would|we'd|we would) like(?: to have)?|want(?: to have)?)\s+$/;

/** Right before whom somebody was to see. */
export const SUPPOSED_TO_SEE = /\b(?:supposed|due|booked|meant) to (?:see|meet|be with)\s+$/;

/** Right before the person whom a visit is with. */
export const VISIT_WITH = /\b(?:appointment|visit|booking|session|one|it|massage|lesson|booked|service|something) with\s+$/;

/** Right before the person whom it is to be with. */
export const WANT_IT_WITH = /\b(?:want|like|have|do|prefer|rather|be) (?:it|one|this|that) with\s+$/;

/** "My massage with". */
export const MINE_WITH = /\bmy (?!(?:\w+ )*be )(?:\w+ ){1,3}with\s+$|\b(?:i'm|i am|we're|we are)(?: in| down| booked(?: in)?)? with\s+$/;

export const TO_BETWEEN = / to /;

export const BEGINS_BETWEEN = /^between/;

/** Between what cannot be kept and the day that is wished for instead: a sentence ends. */
export const ENDS_WHAT_CANNOT = /^(?:\s*(?:but|and|only|though) (?:i|we) (?:can'?t|cannot|won'?t)\b[^.;?!]{0,24})?\s*[.;!?]/;

/** Between what there is and what would be better. */
export const ENDS_IN_BUT = /\bbut (?:maybe |perhaps |i think )?(?:on |at )?$/;
