import { readPlanFile } from '../../contract/plan-file';
import { UnreadablePlan, type Plan } from '../../core/practical';
import { schemaRecipesIn, textOfSchemaRecipe, withoutMarkup } from '../../core/recipe';

/** What was pasted or opened. */
export type Opened =
  | { kind: 'text'; text: string }
  /** Recipes in schema.org’s vocabulary, each as a text. */
  | { kind: 'recipes'; recipes: { name: string; text: string; unread: string[] }[] }
  | { kind: 'plan'; plan: Plan }
  | { kind: 'refused'; why: string };

/** Longest file that is opened: recipes are a few thousand letters, pages that hold one a million. */
const mostMegabytes = 5;
const mostBytes = mostMegabytes * 1_000_000;

/** What a text is: a plan of ours, data of a recipe, a page, or just a text. */
export function openedText(text: string): Opened {
  const trimmed = text.trim();
  if (/^[{[]/.test(trimmed)) {
    const plan = planIn(trimmed);
    if (plan) return plan;
  }
  const recipes = schemaRecipesIn(trimmed);
  if (recipes.length > 0) {
    return {
      kind: 'recipes',
      recipes: recipes.slice(0, 20).map((recipe) => ({
        name: recipe.name || 'A recipe without a name',
        text: textOfSchemaRecipe(recipe),
        unread: [...new Set(recipe.unread)],
      })),
    };
  }
  return { kind: 'text', text: withoutMarkup(text) };
}

function planIn(text: string): Opened | null {
  let document: unknown;
  try {
    document = JSON.parse(text);
  } catch {
    return null;
  }
  try {
    const plan = readPlanFile(document);
    return plan && { kind: 'plan', plan };
  } catch (error) {
    if (error instanceof UnreadablePlan) return { kind: 'refused', why: error.message };
    throw error;
  }
}

/** Reads a file that was chosen or dropped; what cannot be a text is refused in words. */
export async function openedFile(file: File): Promise<Opened> {
  const refuse = (what: string) => ({
    kind: 'refused' as const,
    why: `“${file.name}” ${what} Allowed: a text, a page (HTML), recipe data (JSON-LD) or a plan of this program (JSON), up to ${mostMegabytes} MB. Nothing was changed.`,
  });
  if (file.size > mostBytes) return refuse(`has ${Math.ceil(file.size / 1e6)} MB.`);
  if (file.size === 0) return refuse('is empty.');
  const head = new Uint8Array(await file.slice(0, 4096).arrayBuffer());
  if (head[0] === 0x50 && head[1] === 0x4b) return refuse('is a ZIP archive, whatever its name says.');
  if (head[0] === 0x25 && head[1] === 0x50) return refuse('is a PDF: copy its text and paste it.');
  if (head.includes(0)) return refuse('is no text.');
  const text = await file.text();
  const opened = openedText(text);
  if (opened.kind === 'text' && /\.json(?:ld)?$/i.test(file.name) && /^[{[]/.test(text.trim()))
    return refuse('holds no recipe and no plan.');
  return opened;
}
