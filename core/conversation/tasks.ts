import type { BookTask, CancelTask, MoveTask } from "./state.ts";

/** Errands as they begin, with nothing known. */
export const newBook = (): BookTask => ({ errand: "book", wish: {}, offered: [], refused: [] });
export const newMove = (): MoveTask => ({ errand: "move", old: {}, wish: {}, offered: [], refused: [] });
export const newCancel = (): CancelTask => ({ errand: "cancel", old: {} });
