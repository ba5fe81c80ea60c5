import { formatTemperature } from '../format';
import type { Medium, Plan, Response, StationStep, Target } from '../practical';
import { foresee, surroundingsOf, type Foreseen } from '../forecast';
import { sugarStageAt } from '../sugar';
import {
  boilingLevel,
  findJumps,
  foodLevel,
  indexAt,
  presentPlateau,
  robustSlope,
  windowOf,
  type Forecast,
  type Jump,
  type Plateau,
  type Trace,
} from '../trace';
import { reachedByHeating } from './approach';
import { watchesOf, type BenchSetting, type OwnPlan, type Watch } from './bench-setting';
import { countdownOf, lastTimer, type Countdown } from './countdown';
import type { EventBody } from './entry-kinds';
import type { Noted, Notebook, StationNotes } from './notebook';
import type { ResultCell } from './result-cell';
import { cellsOfStation } from './station-cells';
import { eventOf, lessonSteps } from './steps';
import { lastTouchMs } from './touches';

export type StationPhase = 'not-started' | 'working' | 'soon' | 'at-target' | 'past-target' | 'finished';

/** How one station stands at one moment. */
export interface StationState {
  station: number;
  /** Its plan: amounts, steps and targets as its treatment has them. */
  own: OwnPlan;
  /** Its treatment in words; empty for none. */
  label: string;
  step: StationStep | null;
  /** Its place in the lesson, from 1; one more than the last when all are done. */
  stepNumber: number;
  /** How long the present step has been going on, s. */
  stepForS: number;
  lastEvent: Noted<EventBody> | null;
  /** The next step that a thermometer ends, the present one or one to come. */
  watch: Watch | null;
  /** Whether there is one. */
  heating: boolean;
  target: Target | null;
  reading: { celsius: number; ageS: number } | null;
  /** A second thermometer, with what the first showed at the same moment. */
  second: { probe: number; celsius: number; firstC: number } | null;
  /** Where it will be in a minute if it goes on, °C. */
  inAMinuteC: number | null;
  /** The stage of the syrup in words, or what the temperature is doing. */
  words: string;
  plateau: Plateau | null;
  forecast: Forecast | null;
  /** Since when its readings go as they go now, ms on the run’s clock, where that is not long ago; null: all along. */
  changedAt: number | null;
  /** The thermometer is out of the pan just now, or something cold has gone in. */
  away: boolean;
  phase: StationPhase;
  countdown: Countdown | null;
  /** Seconds since anything was logged here; null for nothing yet. */
  silentS: number | null;
  jump: Jump | null;
  /** What was measured here of each response of the plan. */
  measured: { response: Response; cell: ResultCell }[];
}

/** So long it is worth a word that something was done, s. */
const freshS = 300;
/** “Soon” is less than this ahead: time to have the next thing in hand, s. */
export const soonS = 60;
/** A target is passed when a reading is this far beyond it, °C. */
const passedC = 1;
/** … and reached when it is this near, °C. */
const atTargetC = 0.05;

/** How a station stands at `nowMs` on the run's clock. */
export function stationState(
  setting: BenchSetting,
  notebook: Notebook,
  station: number,
  nowMs: number,
): StationState {
  const { plan } = setting;
  const notes = notebook.station(station);
  const own = setting.ownWith(station, notebook);
  const steps = lessonSteps(own);
  const progress = progressOf(steps, notebook.eventsAt(station), notebook.zeroMs);
  const watches = watchesOf(plan, own);
  const watch = watches.find((one) => steps.indexOf(one.step) >= progress.index) ?? null;
  const heating = watch !== null;
  const target = watch?.step.target ?? null;
  const nowS = (nowMs - notebook.zeroMs) / 1000;
  const shown = watch ?? watches.at(-1) ?? null;
  const trace = notes.readings.get(shown?.probe ?? 1);
  const touchedMs = lastTouchMs(
    steps,
    notebook.eventsAt(station),
    [...notes.deviations, ...notebook.everywhere.deviations],
    nowMs,
  );
  const medium = shown?.medium ?? plan.thermometers[0]?.in ?? null;
  const { changedS, ...thermal } =
    trace && trace.seconds.length > 0
      ? thermalState(
          {
            ...{ own, medium, boilingC: setting.boilingC },
            step: watch?.step ?? null,
            ovenC: ovenOf(plan, notes),
            doneS: touchedMs === null ? null : (touchedMs - notebook.zeroMs) / 1000,
          },
          trace,
          target,
          nowS,
        )
      : noThermal;
  const step = steps[progress.index] ?? null;
  return {
    station,
    own,
    label: own.treatment?.label ?? '',
    step,
    stepNumber: progress.index + 1,
    stepForS: (nowMs - progress.since) / 1000,
    lastEvent: progress.lastEvent,
    watch,
    heating,
    target,
    second: secondThermometer(notes, shown?.probe ?? 1, plan.thermometers.length, nowS),
    ...thermal,
    changedAt: changedS === null || nowS - changedS > freshS ? null : notebook.zeroMs + 1000 * changedS,
    phase:
      step === null
        ? 'finished'
        : heating
          ? thermal.phase
          : notes.lastAt === null
            ? 'not-started'
            : 'working',
    countdown: countdownOf(step, progress.since, lastTimer(notes, notebook), nowMs),
    silentS: notes.lastAt === null ? null : Math.max(0, (nowMs - notes.lastAt) / 1000),
    measured: cellsOfStation(plan.responses, notes).map((cell, i) => ({
      response: plan.responses[i]!,
      cell,
    })),
  };
}

function progressOf(steps: readonly StationStep[], events: readonly Noted<EventBody>[], zeroMs: number) {
  let index = 0;
  let lastEvent: Noted<EventBody> | null = null;
  for (const event of events) {
    const at = steps.findIndex((step) => step.id === event.body.stepId);
    if (at >= 0 && at + 1 >= index) {
      index = at + 1;
      lastEvent = event;
    }
  }
  return { index, lastEvent, since: lastEvent?.at ?? zeroMs };
}

/** The pan a thermometer stands in. */
interface Pan {
  own: OwnPlan;
  medium: Medium | null;
  boilingC: number;
  /** The step its thermometer ends. */
  step: StationStep | null;
  /** What a thermometer in the oven shows, °C. */
  ovenC: number | null;
  /** When something was last done to it by what is written down, s. */
  doneS: number | null;
}

type Thermal = Pick<
  StationState,
  'reading' | 'inAMinuteC' | 'words' | 'plateau' | 'forecast' | 'away' | 'phase' | 'jump'
> & { changedS: number | null };

const noThermal: Thermal = {
  reading: null,
  inAMinuteC: null,
  words: 'no reading yet',
  plateau: null,
  forecast: null,
  changedS: null,
  away: false,
  phase: 'not-started',
  jump: null,
};

function thermalState(pan: Pan, trace: Trace, target: Target | null, nowS: number): Thermal {
  const last = trace.seconds.length - 1;
  const celsius = trace.celsius[last]!;
  const recent = windowOf(trace, nowS - 60, nowS, 30);
  const line = robustSlope(recent);
  const plateau = presentPlateau(trace, nowS, pan.medium === 'syrup' ? boilingLevel : foodLevel);
  const rising = target === null || reachedByHeating(pan.medium, pan.boilingC, target.localC, trace.celsius);
  const foreseen = target === null ? null : foreseenAt(pan, trace, target.localC, rising, nowS);
  const forecast = foreseen?.forecast ?? null;
  const beyond = target === null ? 0 : rising ? celsius - target.localC : target.localC - celsius;
  const phase: StationPhase =
    target !== null && beyond > passedC
      ? 'past-target'
      : forecast?.kind === 'reached' || (target !== null && beyond >= -atTargetC)
        ? 'at-target'
        : forecast?.kind === 'reaching' && forecast.seconds <= soonS
          ? 'soon'
          : 'working';
  const jumps = findJumps(windowOf(trace, nowS - 120, nowS));
  return {
    reading: { celsius, ageS: Math.max(0, nowS - trace.seconds[last]!) },
    inAMinuteC: line ? line.levelC + line.slope * 60 : null,
    words: wordsFor(pan, celsius, plateau, line && line.low * line.high > 0 ? line.slope : 0),
    plateau,
    forecast,
    changedS: foreseen?.changedS ?? null,
    away: foreseen?.away ?? false,
    phase,
    jump: jumps.at(-1) ?? null,
  };
}

function foreseenAt(pan: Pan, trace: Trace, targetC: number, rising: boolean, nowS: number): Foreseen {
  const { own, medium, boilingC, step, ovenC, doneS } = pan;
  const inSyrup = medium === 'syrup' && rising && targetC > boilingC;
  return foresee(
    {
      batch: inSyrup ? own.syrup : null,
      boilingC,
      steams: rising && medium === 'water',
      core: medium === 'core' || medium === 'food',
      surroundings: step && medium !== 'oven' ? surroundingsOf(step, rising, ovenC) : null,
    },
    trace,
    targetC,
    nowS,
    doneS,
  );
}

/** The latest of a thermometer in the oven, °C; null where there is none. */
function ovenOf(plan: Plan, notes: StationNotes): number | null {
  const probe = plan.thermometers.findIndex((one) => one.in === 'oven') + 1;
  return probe === 0 ? null : (notes.readings.get(probe)?.celsius.at(-1) ?? null);
}

/** Margin about local boiling within which a level syrup is boiling its water off, °C. */
const nearBoiling = { below: 2, above: 6 };

/** Whether a temperature is that of a watery pan at the boil here. */
export function isNearBoiling(celsius: number, boilingC: number): boolean {
  return celsius >= boilingC - nearBoiling.below && celsius <= boilingC + nearBoiling.above;
}

function wordsFor(pan: Pan, celsius: number, plateau: Plateau | null, slope: number): string {
  if (pan.medium === 'syrup') {
    const stage = sugarStageAt(celsius, pan.boilingC);
    if (stage.stageId !== 'below-thread') return stage.words;
    if (celsius >= pan.boilingC - nearBoiling.below) return 'water boiling off';
    return celsius < 40 ? 'dissolving' : 'warming up';
  }
  if (plateau) return `level near ${formatTemperature(plateau.levelC, 'C', 0)}`;
  // A slope that may as well be none; a roast that climbs by 30 °C an hour is not steady.
  if (Math.abs(slope) < 0.001) return 'steady';
  return slope > 0 ? 'warming' : 'cooling';
}

/** One more thermometer in the same pan: of those the plan has no place of their own for. */
function secondThermometer(
  notes: StationNotes,
  watched: number,
  planned: number,
  nowS: number,
): StationState['second'] {
  const first = notes.readings.get(watched);
  if (!first || first.seconds.length === 0) return null;
  for (const [probe, trace] of notes.readings) {
    const last = trace.seconds.length - 1;
    const at = trace.seconds[last];
    if (probe === watched || probe <= planned || at === undefined || nowS - at > 120) continue;
    // Beside the nearest reading of the first: in the climb the last one would be seconds, and degrees, later.
    const after = Math.min(indexAt(first, at), first.seconds.length - 1);
    const before = Math.max(0, after - 1);
    const nearest = at - first.seconds[before]! < Math.abs(first.seconds[after]! - at) ? before : after;
    return { probe, celsius: trace.celsius[last]!, firstC: first.celsius[nearest]! };
  }
  return null;
}

/** What was last done here, in words: “soda in”. */
export function lastDone({ lastEvent, own }: StationState): string | null {
  if (!lastEvent) return null;
  const step = own.steps.find((one) => one.id === lastEvent.body.stepId);
  return step ? eventOf(step) : lastEvent.body.text;
}
