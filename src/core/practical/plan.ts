import { amountUnits, fills } from '../formula';
import {
  about,
  flag,
  id,
  later,
  list,
  number,
  once,
  oneOf,
  orNull,
  record,
  refined,
  text,
  union,
  whole,
  type Of,
} from '../shape';
import { repeatedLevel } from './factor-kind';
import { settingKinds, stepShape } from './step';
import {
  aimShape,
  answerShape,
  keyWordShape,
  lookedAtShape,
  studentQuestionShape,
  tagShape,
  trialShape,
} from './taught';

/** The number of the format that is written today; older ones are upgraded as they are read. */
export const planFormat = 2;

/** One setting of a factor: a number in the factor's unit, or words. */
const levelShape = record('Level', {
  id: id(),
  value: orNull(number(-1e6, 1e6)),
  words: text(60),
  control: about('what the others are compared with', flag()),
  open: about('the station chooses, and writes down what it chose', flag()),
});

export const sizeKinds = ['diameter', 'thickness', 'side', 'mass'] as const;
const amountScales = ['g', 'percent-of', 'percent-of-batch', 'times', 'ratio'] as const;

/** What of the plan a factor changes. */
const actsShape = union('Acts', 'on', {
  'end-temperature': {
    stepId: about('the step that ends at the level; its number is for sea level', orNull(id())),
  },
  minutes: { stepId: orNull(id()) },
  amount: {
    ingredientId: orNull(id()),
    as: about(
      'grams, % of another, % of the whole batch, times the amount of the formula, parts of another',
      oneOf(amountScales),
    ),
    of: about('the other ingredient, for percent-of and ratio', orNull(id())),
  },
  swap: { ingredientId: about('its levels name what goes in instead; “none” leaves it out', orNull(id())) },
  setting: { stepId: orNull(id()), what: oneOf(settingKinds), scale: oneOf(['number', 'words']) },
  size: { what: oneOf(sizeKinds) },
  'start-temperature': { ingredientId: about('null: all of the batch', orNull(id())) },
  method: {},
  words: { scale: oneOf(['number', 'words']) },
});

/** An independent variable. */
const factorRecord = record('Factor', {
  id: id(),
  name: text(80),
  acts: actsShape,
  unit: about('for numbers whose unit does not follow from what they act on', text(20)),
  levels: list(levelShape, 12),
});

export const factorFields = factorRecord.fields;

const factorShape = refined(
  factorRecord,
  (factor) => {
    const repeated = repeatedLevel(factor);
    return repeated === null ? null : `each level once; “${repeated}” is there twice`;
  },
  'levels',
);

export const responseKinds = [
  'number',
  'count',
  'score',
  'ordered-words',
  'time',
  'temperature',
  'colour',
  'mass-difference',
  'sensory',
  'photo',
] as const;

/** A dependent variable. */
export const responseShape = record('Response', {
  id: id(),
  name: text(80, 1),
  kind: oneOf(responseKinds),
  unit: text(20),
  instrument: text(120),
  smallestDivision: about('of the instrument, in its unit', orNull(number(1e-6, 1e6))),
  points: about('named points of a score, or words in order', list(text(60, 1), 20)),
  pieces: about('how many pieces of a station are measured; 1: the station as a whole', whole(1, 40)),
  warmUp: about('the first piece is a warm-up and does not count', flag()),
  when: about('how often and when, in words', text(120)),
  formula: about(
    'computed from other responses, such as (mass before − mass after) / mass before × 100',
    text(200),
  ),
  how: later('', about('how it is taken, in words', text(500))),
  repeatSd: later(
    null,
    about(
      'by how much stations that do the same usually differ: a standard deviation, in its unit',
      orNull(number(1e-6, 1e6)),
    ),
  ),
});

export const heldShape = record('HeldConstant', { id: id(), what: text(120, 1), how: text(200) });

/** Something that cannot be held, and so is at least written down, once at each station. */
export const notedShape = record('NotedVariable', { id: id(), what: text(120, 1), unit: text(20) });

const measurers = ['staff', 'students', 'shared'] as const;

export const ratioShape = record('Ratio', {
  of: id(),
  times: number(0, 1000),
  by: oneOf(['mass', 'volume']),
});

export const ingredientShape = record('Ingredient', {
  id: id(),
  typed: about('the words as they were typed; empty where only the fields were', text(200)),
  name: text(80, 1),
  item: about('which of the ingredients table it is; null: as its name says', orNull(text(80, 1))),
  amount: orNull(number(0, 100_000)),
  amountTo: about('upper end of a range', orNull(number(0, 100_000))),
  unit: oneOf(amountUnits),
  fill: about('how the spoon or cup is filled', orNull(oneOf(fills))),
  state: about('cold, soft, melted, sifted …', text(60)),
  by: about('who measures it out; shared: one batch for the class', oneOf(measurers)),
  ratio: about(
    'as much as so many times another ingredient, by mass or volume; stands in place of the amount',
    orNull(ratioShape),
  ),
  job: about('what it does in the batch: structure, leavening base, browning sugar …', text(120)),
  optional: flag(),
  note: text(200),
});

/** A line of the risk assessment that the teacher wrote or changed; the others follow from steps and ingredients. */
export const riskShape = record('Risk', {
  id: about(
    'the line it stands in place of, such as hazard:knife; any other is the teacher’s own',
    text(80, 1),
  ),
  hazard: text(120, 1),
  who: about('who could be harmed', text(120)),
  control: about('what is done about it', text(600)),
  remains: about('what risk remains, as the place in the scale of three', whole(0, 2)),
  checkedBy: text(80),
  leftOut: about('it does not apply here', flag()),
});

export const usualRiskScale = ['low', 'medium', 'high'];
export const riskScaleShape = list(text(30, 1), 3, 3);

/** How a batch is shared out, and into what. */
export const portionsShape = record('Portions', {
  pieces: about('pieces one batch makes', orNull(whole(1, 500))),
  pieceG: about('each, by mass', orNull(number(0.1, 10_000, 'g'))),
  pieceMl: about('each, by a scoop or cup', orNull(number(0.5, 10_000, 'ml'))),
  vesselMl: about('volume of one tin, pan or glass, to its brim', orNull(number(1, 100_000, 'ml'))),
  vessels: whole(1, 100),
  rise: about('how many times its volume the batch becomes', number(0.2, 10)),
  atOnce: about('pieces that find room at once in pan, oven or press', orNull(whole(1, 200))),
  trayCm2: later(null, about('area of one tray or dish it is spread in', orNull(number(1, 20_000, 'cm²')))),
  layers: later(1, about('how many times it is spread', whole(1, 30))),
  sheetMm: later(null, about('how thick a dough is rolled', orNull(number(0.5, 100, 'mm')))),
});

export const noPortions = {
  pieces: null,
  pieceG: null,
  pieceMl: null,
  vesselMl: null,
  vessels: 1,
  rise: 1,
  atOnce: null,
  trayCm2: null,
  layers: 1,
  sheetMm: null,
} as const;

export const media = ['syrup', 'food', 'core', 'oven', 'water', 'oil', 'dough'] as const;

export const thermometerShape = record('Thermometer', {
  id: id(),
  in: about(
    'boiling syrup follows the stages and the local boiling point; everything else is what it is anywhere',
    oneOf(media),
  ),
  smallestDivisionC: number(0.01, 10, '°C'),
});

/** A remark that was read and set aside, with the reason. */
const dismissalShape = record('Dismissal', { remark: text(200, 1), reason: text(300, 1) });

/** Longest time from bell to bell, min. */
export const longestLessonMin = 480;

const pinShape = record('Pin', {
  stepId: id(),
  station: about('null: at every station, or what is done once for all', orNull(whole(1, 40))),
  startMin: about('minutes after the bell that begins the lesson', number(0, longestLessonMin, 'min')),
});

/** A practical as it is planned: one revision is one of these documents. */
export const planShape = record('Plan', {
  format: about('the number of this format', oneOf([planFormat])),
  title: text(120, 1),
  question: text(400),
  prediction: text(400),
  reason: text(400),
  factors: once(list(factorShape, 2)),
  leftOut: about('treatments that are not done, by id', list(text(200, 1), 144)),
  responses: once(list(responseShape, 20)),
  held: once(list(heldShape, 30)),
  noted: once(list(notedShape, 20)),
  formula: once(list(ingredientShape, 100)),
  steps: once(list(stepShape, 100)),
  thermometers: about('the first is a station’s thermometer 1, and so on', once(list(thermometerShape, 4))),
  roomId: orNull(id()),
  stations: whole(1, 40),
  order: about(
    'in-blocks: drawn by lot among neighbouring stations that together do every treatment once',
    oneOf(['shuffled', 'in-blocks', 'as-listed']),
  ),
  periodMinutes: whole(5, longestLessonMin, 'min'),
  briefingMinutes: whole(0, 240, 'min'),
  clearUpMinutes: whole(0, 240, 'min'),
  pins: later([], about('steps held at a minute by hand', list(pinShape, 4000))),
  studentQuestions: list(studentQuestionShape, 30),
  nextTime: later(
    '',
    about('what the teacher wants to remember; on no sheet and no station page', text(2000)),
  ),
  portions: later(noPortions, portionsShape),
  risks: later(
    [],
    about('lines of the risk assessment that were changed or added', once(list(riskShape, 60))),
  ),
  riskScale: later(
    usualRiskScale,
    about('words for what remains, least first; the usual ones stand for the school’s', riskScaleShape),
  ),
  tags: later([], about('the school’s own words to find it by', list(tagShape, 20))),
  aims: later([], about('what students are to learn', list(aimShape, 12))),
  keyWords: later([], list(keyWordShape, 30)),
  answers: later([], about('on the teacher’s sheet only', list(answerShape, 30))),
  lookedAt: later([], about('the observation table', once(list(lookedAtShape, 40)))),
  trials: later([], about('dry runs, the latest last', once(list(trialShape, 20)))),
  pasted: later('', about('the text a recipe was pasted as, as it was; on no sheet', text(200_000))),
  dismissed: list(dismissalShape, 200),
});

export type Plan = Of<typeof planShape>;
export type Factor = Of<typeof factorShape>;
export type Acts = Factor['acts'];
export type Level = Of<typeof levelShape>;
export type Response = Of<typeof responseShape>;
export type HeldConstant = Of<typeof heldShape>;
export type NotedVariable = Of<typeof notedShape>;
export type Ingredient = Of<typeof ingredientShape>;
export type Thermometer = Of<typeof thermometerShape>;
export type Risk = Of<typeof riskShape>;
export type Portions = Of<typeof portionsShape>;
export type Medium = Thermometer['in'];
export type Pin = Of<typeof pinShape>;
export type Dismissal = Of<typeof dismissalShape>;
