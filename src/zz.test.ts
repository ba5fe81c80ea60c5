import { it } from 'vitest';
import { pasted } from './core/recipe/testing/pasted';
import * as recipe from './core/recipe';
const show = (text: string) => { const p = (recipe as any).readRecipe ? (recipe as any).readRecipe(text) : null; const plan = pasted(text); console.log('-----\n' + text + '\n=> title', JSON.stringify(plan.title), 'formula', JSON.stringify(plan.formula.map((f: any) => [f.amount, f.amountTo, f.unit, f.name, f.note ?? f.state].filter((x) => x != null))), 'portions', JSON.stringify(plan.portions ?? null), 'steps', JSON.stringify(plan.steps.map((s: any) => [s.text, s.uses, s.settings, s.minutes, s.minutesTo]))); if (p) console.log('notes', JSON.stringify(p.notes ?? p.contradictions ?? p.doubts ?? Object.keys(p))); };
it('x', () => {
  show('Dressing\none and a half tablespoons soy sauce\ntwo and a half teaspoons honey\na tablespoon and a half of oil\n\nMix the soy and honey.');
  show('Chewy cocoa bars: 16 squares\n200 g plain flour\n100 g butter\n\nMix.\nBake at 160 °C fan for 20 min.');
  show('Biscuits\n1x 2x 3x\n200 g plain flour\n100 g butter\n\nMix.\nBake at 160C fan (180C conventional) for 12 minutes.');
  show('Rolls\n500 g strong flour\n2 tsp (1 and a half 7 g sachets) dried yeast\n300 ml water\n\nMix.');
  show('Balls\nMakes 30 (50 g each)\n250 g flour\n200 g butter\n\nRoll into balls.');
  show('Meringue\n3 egg whites\n100 g raspberries\n2 tbsp soy sauce\n\nWhisk the whites. Fold in the berries. Add the soy.');
  show('Bread\nhalf a 1 kg bag of strong flour\n½ a 500 g packet plain flour\n300 ml water\n\nMix.');
});
