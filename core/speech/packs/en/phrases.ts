/** What the telephone itself says and asks, beside the conversation: nothing here is a fact of the house. */
export const PHRASES = {
  itself: "This is the automatic receptionist.",
  recorded: "This call is recorded.",
  mayRecord: "May I record this call, yes or no?",
  recording: "Thank you, it is recorded.",
  notRecording: "All right, it is not recorded.",
  cutOff: "We were cut off. Let us go on.",
  tooLong: "We have been talking for as long as a call may last, so I must end it here. Please call again. Goodbye.",
} as const;

/** What a key of the telephone says, by what is waited for. */
export const KEY_WORDS = {
  yes: "yes",
  no: "no",
  person: "I would like to speak to a person",
  nth: ["the first one", "the second one", "the third one"],
} as const;

/** Why a call is put through, in words that follow who it is. */
export const WHY = {
  book: "wants to book",
  move: "wants to move a visit",
  cancel: "wants to cancel a visit",
  message: "wants to leave a message",
  "ask-mine": "asks about their own visit",
  ask: "has a question",
  emergency: "has an emergency",
  person: "asks for a person",
} as const;

export type Why = keyof typeof WHY;

/** What is said to whoever picks a telephone up, before they have the caller; `who` is a name or a number. */
export const announcement = (house: string, who: string | undefined, why: Why): string =>
  `A call for ${house}. ${who ?? "The caller, whose number is not shown,"} ${WHY[why]}. Press 1 to take the call, or 2 to leave it.`;
