import { describe, expect, it } from 'vitest';
import { itsMarks, markedStep } from '../practical/testing/marked-step';
import { newPlan, newStep, type Place, type Plan, type Step } from '../practical';
import { newEquipment, type Equipment } from '../room';
import { breaches } from '../schedule';
import {
  freeMoments,
  layOut,
  lessonOf,
  orderWords,
  runningOrder,
  stepTimes,
  timetableOfLesson,
  withLook,
  type Lesson,
} from '.';

const kitchen = (equipment: Equipment[]): Place => ({
  ...{ name: 'Kitchen', kind: 'food-room', altitudeM: null, measuredBoilingC: null },
  ...{ stations: 12, balanceG: 1, equipment, tools: [] },
});
/** Takes 12 min from cold to 180 °C, 8 min down from 220 to 180 °C, and holds two trays. */
const oven = newEquipment('oven', 'oven', 1);

function drawn(steps: Partial<Step>[], stations: number, place: Place | null, patch: Partial<Lesson> = {}) {
  const plan: Plan = {
    ...{ ...newPlan('x', null), periodMinutes: 60, briefingMinutes: 4, clearUpMinutes: 5, stations },
    steps: steps.map((step, i) => newStep({ id: `s${i}`, text: `Do ${i}`, ...step })),
  };
  const laid = layOut(lessonOf(plan, patch), place);
  if ('impossible' in laid) throw new Error(JSON.stringify(laid.impossible));
  expect(breaches(laid.made.problem, laid.solved.schedule)).toEqual([]);
  const timetable = timetableOfLesson(laid.made, laid.solved);
  const order = runningOrder(plan, place, 'C', timetable).map(
    (line) => `${line.atMin} ${line.for}: ${orderWords(line, (minute) => `${minute} min`)}`,
  );
  return { timetable, order, times: stepTimes(plan, timetable) };
}

describe('a moment in which everybody can look', () => {
  it('is where no hands are wanted anywhere and no pan comes to its end', () => {
    const { timetable } = drawn(
      [
        { text: 'Mix', minutes: 6 },
        { text: 'Bake at 180 °C', hands: 'waiting', minutes: 14 },
        { text: 'Measure', minutes: 5 },
      ],
      2,
      null,
    );
    const steps = ['Mix', 'Bake at 180 °C', 'Measure'].map((text, i) =>
      newStep({ id: `s${i}`, text, minutes: [6, 14, 5][i]!, hands: i === 1 ? 'waiting' : 'hands-on' }),
    );
    const plan: Plan = { ...newPlan('x', null), briefingMinutes: 4, clearUpMinutes: 5, stations: 2, steps };
    expect(freeMoments(plan, timetable)).toEqual([{ fromMin: 10, toMin: 24 }]);
    // A pan of hot sugar, or what is stirred all the time, is not left alone for it.
    for (const patch of [{ hazards: ['hot-sugar' as const] }, { stir: 'always' as const }])
      expect(
        freeMoments({ ...plan, steps: steps.map((step) => ({ ...step, ...patch })) }, timetable),
      ).toEqual([]);
    const looked = layOut(lessonOf(withLook(plan, timetable, { fromMin: 10, toMin: 24 }, 'look')), null);
    if ('impossible' in looked) throw new Error(JSON.stringify(looked.impossible));
    const after = timetableOfLesson(looked.made, looked.solved);
    // It holds nobody up: the lesson ends when it did.
    expect(after.endsMin).toBe(timetable.endsMin);
    expect(after.bars.find(({ stepId }) => stepId === 'look')).toMatchObject({ startMin: 10, endMin: 12 });
    expect(freeMoments(plan, after)).toEqual([{ fromMin: 12, toMin: 24 }]);
    // One hob for two: while the first waits for its pan the other fries by hand.
    const busy = drawn(
      [{ text: 'Fry in a frying pan', minutes: 6 }],
      2,
      kitchen([newEquipment('hob', 'h', 1)]),
    );
    expect(freeMoments(plan, busy.timetable)).toEqual([]);
    const short = drawn(
      [
        { text: 'Rest', hands: 'waiting', minutes: 1.5 },
        { text: 'Cut', minutes: 3 },
      ],
      1,
      null,
    );
    expect(freeMoments(plan, short.timetable)).toEqual([]);
  });
});

describe('the running order of a lesson', () => {
  it('says all that a step says, each station’s own in it', () => {
    const { id: _, ...marked } = markedStep;
    const { order } = drawn([marked], 1, kitchen([newEquipment('hob', 'hob', 1)]));
    const [said] = order.filter((one) => one.includes(marked.text));
    for (const mark of itsMarks) expect(said!.toLowerCase()).toContain(mark.toLowerCase());
  });

  it('says what the teacher does, what a helper sees to and which stations begin what, minute by minute', () => {
    const { order, timetable } = drawn(
      [
        { text: 'Mix', minutes: 8 },
        {
          ...{ text: 'Bake at 180 °C', hands: 'waiting', minutes: 10, minutesTo: 14 },
          windows: [{ words: 'cut warm', from: 15, until: 20 }],
        },
        { text: 'Everybody look', minutes: 2, lane: 'everybody' },
      ],
      4,
      kitchen([oven]),
    );
    // One oven of two places: the second pair goes in when the first is out, 12 min after the lesson began at the soonest.
    expect(order).toEqual([
      '0 teacher: Briefing (to 4 min)',
      '0 helper: oven 1 to 180 °C (hot at 12 min)',
      '4 stations: Stations 1–4: 1. Mix (to 12 min)',
      '12 helper: Stations 1, 2: 2. Bake at 180 °C (to 24 min)',
      '22 helper: Stations 1, 2: look early at step 2',
      '24 helper: Stations 3, 4: 2. Bake at 180 °C (to 36 min)',
      '27 helper: Stations 1, 2: step 2: cut warm, from now',
      '32 helper: Stations 1, 2: step 2: cut warm, no later than now',
      '34 helper: Stations 3, 4: look early at step 2',
      '36 teacher: 3. Everybody look (to 38 min)',
      '38 helper: Stations 1–4: clear up (to 43 min)',
      '39 helper: Stations 3, 4: step 2: cut warm, from now',
      '44 helper: Stations 3, 4: step 2: cut warm, no later than now',
      '60 teacher: Bell',
    ]);
    const ovenQueue = timetable.bars.filter(({ oven }) => oven !== null);
    expect(ovenQueue.map(({ readyMin, startMin }) => startMin - readyMin)).toEqual([0, 0, 12, 12]);
    const slack = (id: string) => timetable.bars.find((bar) => bar.id === id)!.slackMin;
    // The first pair’s trays are on the way to the end; mixing at stations 3 and 4 could begin 12 min later.
    expect([slack('s0@1'), slack('s1@1'), slack('s1@4'), slack('s0@4')]).toEqual([0, 0, 0, 12]);
  });

  it('begins and ends with the lists of the school, and washes hands between raw and ready to eat', () => {
    const steps: Partial<Step>[] = [
      { text: 'Shape the raw turkey', minutes: 6, hazards: ['raw-meat'] },
      { text: 'Press it flat', minutes: 2, hazards: ['raw-meat'] },
      { text: 'Slice the bread', minutes: 3 },
    ];
    const lists = {
      opening: [
        { words: 'Hands washed', minutes: 1 },
        { words: 'aprons on', minutes: 0.5 },
      ],
      closing: [{ words: 'hobs off, the back ones too', minutes: 1 }],
    };
    const { order } = drawn(steps, 2, null, lists);
    expect(order).toEqual([
      '0 teacher: Briefing (to 4 min)',
      '4 teacher: Hands washed; aprons on (to 5.5 min)',
      '5.5 stations: Stations 1, 2: 1. Shape the raw turkey (to 11.5 min)',
      '11.5 stations: Stations 1, 2: 2. Press it flat (to 13.5 min)',
      '13.5 stations: Stations 1, 2: wash hands',
      '14.5 stations: Stations 1, 2: 3. Slice the bread (to 17.5 min)',
      '17.5 helper: Stations 1, 2: clear up; hobs off, the back ones too (to 23.5 min)',
      '60 teacher: Bell',
    ]);
    // One sink for both: one after the other. Said in the method: nothing is put in.
    const shared = drawn(steps, 2, kitchen([newEquipment('sink', 'sink', 1)]));
    expect(shared.order.filter((line) => line.includes('wash hands'))).toHaveLength(2);
    const said = steps.map((step, i) =>
      i === 1 ? { ...step, text: 'Press it flat. Wash your hands.' } : step,
    );
    expect(drawn(said, 2, null).order.filter((line) => line.includes('wash hands'))).toEqual([]);
  });

  it('takes an oven from one heat to the next as late as does, and lower in the middle of baking', () => {
    const { timetable } = drawn(
      [
        {
          ...{ text: 'Bake with the door shut', minutes: 20, hands: 'waiting', door: 'shut' },
          settings: [
            { what: 'oven', celsius: 220, words: '', from: 0 },
            { what: 'oven', celsius: 180, words: '', from: 10 },
          ],
        },
      ],
      3,
      kitchen([oven]),
    );
    const [{ course, set }] = timetable.ovens as [(typeof timetable.ovens)[number]];
    // From 20 to 220 °C at 160 °C in 12 min: 15 min; down 40 °C in 8 min; up again in 3 min.
    expect(course).toEqual([
      { min: 0, celsius: 20 },
      { min: 0, celsius: 20 },
      { min: 15, celsius: 220 },
      { min: 25, celsius: 220 },
      { min: 33, celsius: 180 },
      { min: 35, celsius: 180 },
      { min: 38, celsius: 220 },
      { min: 48, celsius: 220 },
      { min: 56, celsius: 180 },
      { min: 58, celsius: 180 },
    ]);
    expect(set).toEqual([
      { atMin: 0, hotMin: 15, celsius: 220 },
      { atMin: 25, hotMin: 33, celsius: 180 },
      { atMin: 35, hotMin: 38, celsius: 220 },
      { atMin: 48, hotMin: 56, celsius: 180 },
    ]);
  });

  it('lists who begins together, station by station', () => {
    const { times, timetable } = drawn(
      [{ text: 'Fry in a frying pan', minutes: 5 }],
      4,
      kitchen([newEquipment('hob', 'h', 1)]),
    );
    expect(times).toEqual([
      {
        ...{ id: 's0', number: 1, words: 'Fry in a frying pan' },
        turns: [4, 9, 14, 19].map((startMin, i) => ({
          ...{ numbers: [i + 1], stations: String(i + 1), startMin, endMin: startMin + 5 },
        })),
      },
    ]);
    // While the first fries three wait.
    expect(timetable.loads.find(({ kind }) => kind === 'hob')).toMatchObject({ units: 1, queue: 3 });
  });
});
