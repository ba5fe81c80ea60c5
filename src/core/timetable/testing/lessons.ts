import { newPlan, newStep, type Place, type Plan, type Step } from '../../practical';
import { newEquipment, type Equipment } from '../../room';
import type { Lesson } from '..';

export const oven = (id: string, places: number): Equipment => ({
  ...(newEquipment('oven', id, 1) as Extract<Equipment, { kind: 'oven' }>),
  shelves: 1,
  traysPerShelf: places,
});
export const room = (equipment: Equipment[]): Place => ({
  ...{ name: 'Kitchen', kind: 'food-room', altitudeM: null, measuredBoilingC: null },
  ...{ stations: 12, balanceG: 1, equipment, tools: [] },
});
const heated = newStep({ id: 'heat', text: 'Heat the ovens to 180 °C.', when: 'before', minutes: 20 });
export const planOf = (steps: Partial<Step>[], patch: Partial<Plan> = {}): Plan => ({
  ...{ ...newPlan('x', null), periodMinutes: 60, briefingMinutes: 0, clearUpMinutes: 0 },
  steps: [heated, ...steps.map((step, i) => newStep({ id: `s${i}`, text: `Do ${i}`, ...step }))],
  ...patch,
});
export const lesson = (plan: Plan, stations: number, patch: Partial<Lesson> = {}): Lesson => ({
  ...{ plan, hands: 2, teachers: 1, opening: [], closing: [], pins: [] },
  stations: Array.from({ length: stations }, (_, i) => ({ number: i + 1, treatment: null })),
  ...patch,
});
