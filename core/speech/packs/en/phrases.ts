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
