import { made } from '../shape';
import { ingredientShape, responseShape, type Ingredient, type Response } from './plan';
import { stepShape, type Step } from './step';

/** A step of which only some things are said: the rest is as plain as it can be. */
export function newStep(said: Pick<Step, 'id' | 'text'> & Partial<Step>): Step {
  return made(stepShape, {
    hands: 'hands-on',
    when: 'lesson',
    day: 0,
    minutes: null,
    minutesTo: null,
    per: 'once',
    lookAt: null,
    warnAt: null,
    need: 'any',
    ends: [{ kind: 'time' }],
    stayBelowC: null,
    windows: [],
    stir: null,
    door: 'open',
    settings: [],
    ready: [],
    safeStop: false,
    people: 1,
    adult: false,
    optional: false,
    repeatUntil: '',
    tryOne: false,
    after: [],
    needs: [],
    uses: [],
    thermometerId: null,
    only: [],
    change: null,
    why: '',
    wrong: '',
    hazards: [],
    event: '',
    ...said,
  });
}

/** An ingredient of which only some things are said. */
export function newIngredient(said: Pick<Ingredient, 'id' | 'name'> & Partial<Ingredient>): Ingredient {
  return made(ingredientShape, {
    typed: '',
    item: null,
    amount: null,
    amountTo: null,
    unit: 'g',
    fill: null,
    state: '',
    by: 'students',
    ratio: null,
    job: '',
    optional: false,
    note: '',
    ...said,
  });
}

/** A response of which only some things are said. */
export function newResponse(said: Pick<Response, 'id' | 'name'> & Partial<Response>): Response {
  return made(responseShape, {
    kind: 'number',
    unit: '',
    instrument: '',
    smallestDivision: null,
    points: [],
    pieces: 1,
    warmUp: false,
    when: '',
    formula: '',
    how: '',
    repeatSd: null,
    ...said,
  });
}
