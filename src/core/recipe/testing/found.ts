import { readRecipe } from '..';

/** A text of a title, a list and a method: the list begins in line 3. */
const textOf = (title: string, list: string, method: string) => `${title}\n\n${list}\n\n${method}`;

/** What is said against a recipe: kind, lines, sentence. */
export const foundIn = (title: string, list: string, method: string) =>
  readRecipe(textOf(title, list, method)).contradictions.map(({ kind, lines, text }) => [kind, lines, text]);

/** Its sentences alone. */
export const saidOf = (list: string, method: string, title = 'Buns') =>
  foundIn(title, list, method).map(([, , text]) => text);

/** Its ways out, the likelier first. */
export const answersTo = (list: string, method: string, title = 'Buns') =>
  readRecipe(textOf(title, list, method)).contradictions.map(({ answers }) => answers);
