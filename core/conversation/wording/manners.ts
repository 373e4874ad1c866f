import type { Manner, OwnMoment } from "../../house/schema.ts";
import type { Moment } from "./en.ts";

/** The manners beside the warm one, in which everything else is worded: what they say otherwise. */
export const MANNERED: Record<Exclude<Manner, "warm">, Partial<Record<Moment, readonly string[]>>> = {
  brisk: {
    "book/ask-service": ["Which service?"],
    "book/ask-length": ["{service}: {list}. Which?"],
    "book/ask-day": ["Which day?", "What day?"],
    "book/offer": ["{service} with {people}: {list}. Which?", "{service}: {list}. Which one?"],
    "book/offer-one": ["{service}: {list}. All right?"],
    "book/offer-near": ["Nearest for {service}: {list}. One of these?"],
    "book/offer-near-one": ["Nearest for {service}: {list}. All right?"],
    "book/ask-name": ["Keeping {time}. Your name?"],
    "book/ask-phone": ["Your telephone number?"],
    "book/go-ahead": ["{time}, {length} of {service} with {staff}{price}, for {client}. Book it?"],
    "book/booked": ["Booked: {time}, {service} with {staff}."],
    "move/moved": ["Moved: {time}, {service} with {staff}."],
    "cancel/cancelled": ["Cancelled: {time}, {service} with {staff}."],
    "person/handed": ["The desk has this now and answers here."],
    "unknown/offer": ["I don't know. Pass it on to the desk?"],
    "message/ask": ["What is the message?"],
    anything: ["Anything else?"],
    "what-can-i-do": ["How can I help?"],
    "repair/again": ["I didn't get that."],
    bye: ["Goodbye."],
    welcome: ["Sure."],
  },
  formal: {
    "book/ask-service": ["May I ask which service you would like to book?"],
    "book/ask-length": ["{service} is available in {list}. Which would you prefer?"],
    "book/ask-day": ["May I ask which day would suit you?", "On which day would you like to come?"],
    "book/offer": ["For {service} I can offer you {list}. Which would you prefer?"],
    "book/offer-one": ["For {service} I can offer you {list}. Would that be convenient?"],
    "book/offer-near": ["The nearest I can offer you for {service} is {list}. Would one of these be convenient?"],
    "book/offer-near-one": ["The nearest I can offer you for {service} is {list}. Would that be convenient?"],
    "book/ask-name": ["I am reserving {time} for you. May I have your name, please?"],
    "book/ask-phone": ["May I have a telephone number for you, please?"],
    "book/go-ahead": ["May I confirm: {time}, {length} of {service} with {staff}{price}, for {client}. Shall I book this for you?"],
    "book/booked": ["Your appointment is confirmed: {time}, {service} with {staff}."],
    "move/moved": ["Your appointment has been moved: {time}, {service} with {staff}."],
    "cancel/cancelled": ["Your appointment has been cancelled: {time}, {service} with {staff}."],
    "person/handed": ["I have passed you on to my colleagues, who will answer you here."],
    "unknown/offer": ["I am afraid I do not have that information. May I pass your question on to the desk?"],
    "message/ask": ["What message may I pass on for you?"],
    anything: ["May I help you with anything else?"],
    "what-can-i-do": ["How may I help you?"],
    "repair/again": ["I beg your pardon, I did not understand that."],
    bye: ["Thank you for getting in touch. Goodbye."],
    welcome: ["It is a pleasure."],
  },
};

/** Where the house's own words stand in for a built-in wording. */
export const OWN: Partial<Record<Moment, OwnMoment>> = {
  "book/offer": "offer",
  "book/offer-one": "offer",
  "book/offer-near": "offer",
  "book/offer-near-one": "offer",
  "book/booked": "booked",
  "move/moved": "moved",
  "cancel/cancelled": "cancelled",
  "fee/half": "late-fee",
  "unknown/offer": "unknown",
  "person/handed": "handing-over",
  "person/putting": "handing-over",
  "person/handed-to": "handing-over",
  anything: "anything-else",
  bye: "goodbye",
  unclear: "unheard",
};

/** What is asked after a wording of the house's own that leaves the question out. */
export const ASKED_AFTER: Partial<Record<OwnMoment, Moment>> = { offer: "own/which-suits", unknown: "own/pass-on" };
