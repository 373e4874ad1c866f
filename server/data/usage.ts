import type { Tx } from "./db.ts";

/** How often each line of the handbook was used in replies since a moment of the house's time: by kind and id. */
export async function usageSince(tx: Tx, houseId: string, fromMin: number): Promise<{ kind: string; id: string; n: number }[]> {
  const { rows } = await tx.raw<{ rows: { kind: string; id: string; n: number }[] }>(
    `select s->>'kind' as kind, s->>'id' as id, count(*)::int as n
       from turns t join conversations k on k.id = t.conversation_id, jsonb_array_elements(coalesce(t.reply->'sources', '[]')) s
      where k.house_id = ? and t.who = 'receptionist' and t.said_at >= to_timestamp(?::double precision * 60)
      group by 1, 2`,
    [houseId, fromMin],
  );
  return rows;
}

/** What was asked and not answered, newest first: the client's words before each such reply. */
export async function unansweredSince(tx: Tx, houseId: string, fromMin: number): Promise<{ text: string; conversation: string; atMin: number }[]> {
  const { rows } = await tx.raw<{ rows: { text: string; conversation: string; at: string }[] }>(
    `select (select c.text from turns c where c.conversation_id = t.conversation_id and c.id < t.id and c.who = 'client' order by c.id desc limit 1) as text,
            t.conversation_id as conversation, extract(epoch from t.said_at) / 60 as at
       from turns t join conversations k on k.id = t.conversation_id
      where k.house_id = ? and t.said_at >= to_timestamp(?::double precision * 60) and t.reasons @> '[{"what": "ruled-out", "why": "no-answer"}]'
        and not coalesce(t.reply->'sources', '[]') @> '[{"kind": "answer"}]'
      order by t.id desc limit 500`,
    [houseId, fromMin],
  );
  return rows.filter((r) => r.text).map((r) => ({ text: r.text, conversation: r.conversation, atMin: Number(r.at) }));
}
