/** Whether a word of the recogniser's is a letter that was said by its name ("b:"). */
export const isLetterWord = (word: string): boolean => /^[a-z]:$/.test(word);
