import {
  CHARGED_FOR_A_CHANGE,
  FEE_OF_THAT,
  HOW_FAR_AHEAD,
  HOW_MUCH_OF_IT,
  HOW_TO_GET_IN,
  IS_NOT_ABLE_TO_COME,
  HOW_TO_GET_THERE,
  OF_ACCESS,
  OF_PAYING,
  PAID_BESIDES,
  WHAT_COMES_OF_IT,
  OF_THE_WAY,
  WHAT_IS_TAKEN,
  WHAT_ONE_GETS,
  OF_A_FEE,
  OF_MONEY,
  WHAT_TO_BRING,
  WHERE_FOR_THINGS,
  WHERE_IT_IS,
  WHO_CANCELS,
  WHO_DOES_SUCH,
  WHO_MISSES,
} from "../../language/packs/en/asked.ts";
import type { Errand } from "../../language/errand.ts";
import { contentOf } from "../../knowledge/search.ts";
import { ofKind, WEAK_SERVICE } from "../../language/found.ts";
import type { Reading } from "../../language/read.ts";
import { spanText } from "../format.ts";
import { ruleSource } from "../sources.ts";
import { val, type Turn, type Value } from "../turn.ts";
import { matches, SUPPORTS } from "../../knowledge/match.ts";
import { WHAT_IF_I_CANCEL } from "../../language/packs/en/signs.ts";
import { whatComesFirst } from "./before.ts";
import { compared } from "./compare.ts";
import { feeVal } from "./fee.ts";
import { SURELY, PLAINLY, fromHandbook } from "./handbook.ts";
import { hours } from "./hours.ts";
import { staff } from "./people.ts";
import { price } from "./prices.ts";
import { service } from "./services.ts";
import { SEEKS, SPEAKS_OF_MONEY, WHEN_IT_IS } from "../../language/packs/en/talk.ts";

const OF_RULES_OR_PRICE = new Set<Errand>(["ask-price", "ask-policy", "ask-service"]);

/** Answers one question from the house; false when the house has nothing that supports an answer. */
export function answer(t: Turn, errand: Errand, reading: Reading): boolean {
  if (OF_RULES_OR_PRICE.has(errand) && feeOfThat(t, reading)) return true;
  // "She said it would be 80": what it is.
  if (errand === "ask-price" && reading.errands.some((e) => e.rule === "errand/ask-price/was-told") && price(t, reading)) return true;
  // "Do I pay extra for the hair": whether it is included, and no service's price.
  if (errand === "ask-price" && PAID_BESIDES.test(reading.said) && fromHandbook(t, reading, SUPPORTS, { telling: true, kinds: ["answer", "fact"] }))
    return true;
  // "And the massage?", after a price: nothing but a service is named, and its price is what is asked.
  // A word in passing names none: "is it less for a second kid".
  const named = ofKind(reading.found, "service").some((f) => !WEAK_SERVICE.test(f.rule)) && contentOf(reading.masked.replace(/<\w+>/g, " ")).length === 0;
  if (errand === "ask-price" && named && price(t, reading)) return true;
  // "Do I pay less for my second kid", "is there a trainee who would cut it cheaper": what is named by a word in passing, or by none,
  // is not what it is the price of, and is compared with nothing, where a line says just that.
  const byName = ofKind(reading.found, "service").some((f) => !WEAK_SERVICE.test(f.rule));
  if (errand === "ask-price" && !byName && fromHandbook(t, reading, PLAINLY, { telling: true, kinds: ["answer", "fact"] })) return true;
  if ((errand === "ask-service" || errand === "ask-policy") && whatComesFirst(t, reading)) return true;
  if ((errand === "ask-service" || errand === "ask-price" || errand === "ask-policy") && compared(t, reading)) return true;
  if (plainlyWritten(t, errand, reading)) return true;
  switch (errand) {
    case "ask-price":
      // "How loud is it" measures something else than money.
      if (HOW_MUCH_OF_IT.test(reading.said) && !OF_MONEY.test(reading.said)) return fromHandbook(t, reading);
      if (WHAT_ONE_GETS.test(reading.said) && !SPEAKS_OF_MONEY.test(reading.said)) return service(t, reading);
      if (CHARGED_FOR_A_CHANGE.test(reading.said) && ruleLine(t, reading)) return true;
      // Where no word speaks of money, a line of the handbook may be what is asked for.
      if (!SPEAKS_OF_MONEY.test(reading.said) && fromHandbook(t, reading, SURELY)) return true;
      return priceLine(t, reading) || price(t, reading);
    case "ask-hours":
      return hours(t, reading);
    case "ask-place":
      return (
        fromHandbook(t, reading) ||
        // Of the way there even a weak line says more than the address.
        (reading.question && fromHandbook(t, reading, WAY_THERE, { telling: true, kinds: ["fact"] })) ||
        (HOW_TO_GET_IN.test(reading.said) && factOf(t, OF_ACCESS)) ||
        (HOW_TO_GET_THERE.test(reading.said) && factOf(t, OF_THE_WAY)) ||
        (WHERE_IT_IS.test(reading.said) && !WHERE_FOR_THINGS.test(reading.said) && place(t))
      );
    case "ask-staff":
      return staff(t, reading);
    case "ask-service":
      return service(t, reading);
    default: {
      // A rule is asked for, whichever service it is said of: what is left without the names tells most.
      const bare = reading.masked.replace(/<\w+>/g, " ");
      // Of a day or an hour, what is said of it may tell: "do I lose it if I get there at ten past".
      const names = reading.found.some((f) => f.kind === "service" || f.kind === "staff" || f.kind === "name");
      return (
        (names && bare.trim() !== reading.text.trim() && fromHandbook(t, reading, SURELY, { asked: bare })) ||
        fromHandbook(t, reading) ||
        ruleLine(t, reading) ||
        (WHAT_IS_TAKEN.test(reading.said) && factOf(t, OF_PAYING)) ||
        // "Remind me what I should bring": of the service that was spoken of.
        (WHAT_TO_BRING.test(reading.said) && service(t, reading))
      );
    }
  }
}

/** The one fact of the house on a subject that it goes by a usual name for. */
function factOf(t: Turn, topic: RegExp): boolean {
  const [only, other] = t.house.handbook.facts.filter((f) => topic.test(f.topic));
  if (!only || other) return false;
  if (t.rests("fact", only.id)) return true;
  t.say("ask/answer", { answer: val(only.text, { kind: "fact", id: only.id, label: only.topic }) });
  t.outcome("answered");
  return true;
}

const WAY_THERE = 0.2;
const TO_THE_WORD = 0.95;

/** A question that a line of the handbook was plainly written for, whatever kind of question it seems to be. */
function plainlyWritten(t: Turn, errand: Errand, reading: Reading): boolean {
  const has = (kind: string): boolean => reading.found.some((f) => f.kind === kind);
  if (errand === "ask-mine" || errand === "ask-availability") return false;
  if (errand === "ask-hours" && has("day")) return false;
  if (errand === "ask-staff" && (has("staff") || has("gender"))) return false;
  // What is sought is one of the services, not a line that speaks of the same complaint, unless the line says just that.
  const sought = errand === "ask-service" && SEEKS.test(reading.said.toLowerCase());
  if (errand === "ask-price" && SPEAKS_OF_MONEY.test(reading.said)) return false;
  // "What time is the class": when it is held is told by its own times.
  const ofGroup = ofKind(reading.found, "service").some((f) => f.value.some((id) => t.house.services.get(id)?.group));
  if (errand === "ask-service" && ofGroup && WHEN_IT_IS.test(reading.said.toLowerCase())) return false;
  // "Who does animals" asks for somebody, and not what holds for animals.
  if (errand === "ask-staff" && WHO_DOES_SUCH.test(reading.said))
    return fromHandbook(t, reading, TO_THE_WORD, { telling: true, kinds: ["answer", "fact", "document"] });
  return fromHandbook(t, reading, sought ? TO_THE_WORD : PLAINLY, { telling: true, kinds: ["answer", "fact", "document"] });
}

/** "Is there a fee?", while a visit is being moved or cancelled, asks for the fee of that. */
export function feeOfThat(t: Turn, reading: Reading): boolean {
  const { task, undone } = t.state;
  // "And is there a fee?", right after it was done: of that.
  if (!task && undone && t.state.turn <= undone.turn + 1 && FEE_OF_THAT.test(reading.said)) {
    t.say("ask/fee-of-that", { fee: feeVal(t, undone.was) });
    t.outcome("answered");
    return true;
  }
  // "And if I just don't come?": what is missed costs something else.
  if (WHO_MISSES.test(reading.said.toLowerCase()) && OF_A_FEE.test(reading.said)) return lineAbout(t, reading, WHO_MISSES) || ruleLine(t, reading);
  // "What do you do when somebody doesn't turn up".
  if (!task && WHAT_COMES_OF_IT.test(reading.said.toLowerCase()) && WHO_MISSES.test(reading.said.toLowerCase()))
    return lineAbout(t, reading, WHO_MISSES) || ruleLine(t, reading);
  // "What do I owe if I call it off": of the rule, and of no service's price.
  if (!task && WHAT_IF_I_CANCEL.test(reading.masked))
    return (
      fromHandbook(t, reading, PLAINLY, { telling: true, kinds: ["answer", "fact", "document"] }) || lineAbout(t, reading, WHO_CANCELS) || ruleLine(t, reading)
    );
  if (
    (task?.errand !== "move" && task?.errand !== "cancel") ||
    !task.appointment ||
    ofKind(reading.found, "service").length > 0 ||
    !OF_A_FEE.test(reading.said)
  )
    return false;
  t.say("ask/fee-of-that", { fee: feeVal(t, task.appointment) });
  t.outcome("answered");
  return true;
}

/** The likeliest answer of the house's that was written of something, however unsure it is by its words alone. */
function lineAbout(t: Turn, reading: Reading, of: RegExp): boolean {
  const speaksOf = (asked: readonly string[]): boolean => asked.some((text) => of.test(text.toLowerCase()));
  const near = matches(t.house, reading.text, LOOKED_AT).find((m) => m.passage.kind === "answer" && speaksOf(m.passage.asked));
  // However unlike its words, the only one that speaks of it at all.
  const [only, other] = t.house.handbook.answers.filter((a) => speaksOf([a.question, ...a.also]));
  const line = near?.passage ?? (only && !other ? { id: only.id, label: only.question, text: only.answer } : undefined);
  if (!line) return false;
  const { id, label, text } = line;
  if (t.rests("answer", id)) return true;
  t.say("ask/answer", { answer: val(text, { kind: "answer", id, label }) });
  t.outcome("answered");
  return true;
}

const LOOKED_AT = 12;

/** What the house's own rules of booking say, where no line of the handbook does. */
function ruleLine(t: Turn, reading: Reading): boolean {
  const text = reading.said.toLowerCase();
  const rules = t.house.handbook.rules;
  const percent = (n: number, key: "lateFeePercent" | "missedFeePercent", label: string): Value =>
    val(n === 100 ? "the whole" : n === 50 ? "half" : `${n} percent`, ruleSource(key, label));
  if (WHO_MISSES.test(text)) {
    t.say("ask/rule-missed", { percent: percent(rules.missedFeePercent, "missedFeePercent", "Missed visits") });
  } else if (WHO_CANCELS.test(text) || (OF_A_FEE.test(text) && IS_NOT_ABLE_TO_COME.test(text))) {
    if (rules.lateFeePercent === 0) t.say("ask/rule-late-free");
    else
      t.say("ask/rule-late", {
        free: val(spanText(rules.freeUntilMin), ruleSource("freeUntilMin", "Free until")),
        percent: percent(rules.lateFeePercent, "lateFeePercent", "Late fee"),
      });
  } else if (HOW_FAR_AHEAD.test(text)) {
    t.say("ask/rule-ahead", {
      days: val(String(rules.horizonDays), ruleSource("horizonDays", "How far ahead")),
      notice: val(spanText(rules.noticeMin), ruleSource("noticeMin", "Notice")),
    });
  } else return false;
  t.outcome("answered");
  return true;
}

/** A question of money that names no service is about something else that has a line: tax, a voucher, a late fee. */
function priceLine(t: Turn, reading: Reading): boolean {
  return ofKind(reading.found, "service").length === 0 && fromHandbook(t, reading, SURELY);
}

function place(t: Turn): boolean {
  const p = t.house.handbook.place;
  const text = [p.street, p.town, p.region].filter(Boolean).join(", ");
  if (!text) return false;
  t.say("ask/place", { place: val(text, { kind: "house", id: "place", label: "Address" }) });
  t.outcome("answered");
  return true;
}
