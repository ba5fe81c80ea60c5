import { formatTemperature } from '../format';
import {
  boilingIn,
  levelLabel,
  levelOf,
  targetOf,
  temperatureStep,
  type Level,
  type Place,
  type Plan,
  type Response,
  type Step,
  type Target,
} from '../practical';
import { forecastSyrup, sugarStageAt, type SyrupBatch } from '../sugar';
import {
  boilingLevel,
  findJumps,
  foodLevel,
  indexAt,
  presentPlateau,
  robustSlope,
  timeToTarget,
  windowOf,
  type Forecast,
  type Jump,
  type Plateau,
  type Trace,
} from '../trace';
import type { Noted, Notebook, StationNotes } from './notebook';
import { reachedByHeating } from './approach';
import { cellOf } from './results';
import { eventOf, lessonSteps } from './steps';
import { countdownOf, lastTimer, type Countdown } from './countdown';
import type { EventBody } from './entry';

/** What does not change while a run goes on. */
export interface BenchSetting {
  plan: Plan;
  place: Place | null;
  /** Level of each station. */
  levels: ReadonlyMap<number, string>;
  /** The syrup of one batch, where there is one: its heat forecasts the target through the plateau. */
  syrup: SyrupBatch | null;
  boilingC: number;
}

export type StationPhase = 'not-started' | 'working' | 'soon' | 'at-target' | 'past-target' | 'finished';

/** How one station stands at one moment. */
export interface StationState {
  station: number;
  level: Level | undefined;
  levelWords: string;
  step: Step | null;
  /** Its place in the lesson, from 1; one more than the last when all are done. */
  stepNumber: number;
  /** When the present step began, ms; null before the first entry. */
  stepSince: number | null;
  lastEvent: Noted<EventBody> | null;
  /** Whether the present step is the one a thermometer decides, or comes before it. */
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
  phase: StationPhase;
  countdown: Countdown | null;
  /** Seconds since anything was logged here; null for nothing yet. */
  silentS: number | null;
  jump: Jump | null;
  /** What was measured here of each response of the plan; null for nothing yet. */
  measured: { response: Response; mean: number | null }[];
}

/**
 * Prepares what stays the same for all stations of a run.
 *
 * @param syrup of one batch, where the formula has one (syrupOfFormula): it forecasts the target through the plateau
 */
export function benchSetting(
  plan: Plan,
  place: Place | null,
  levels: ReadonlyMap<number, string>,
  syrup: SyrupBatch | null = null,
): BenchSetting {
  const { boilingC } = boilingIn(place);
  return { plan, place, levels, syrup: plan.thermometer.in === 'syrup' ? syrup : null, boilingC };
}

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
  const { plan, place } = setting;
  const notes = notebook.station(station);
  const level = levelOf(plan, setting.levels.get(station));
  const steps = lessonSteps(plan);
  const progress = progressOf(steps, notes, notebook);
  const hot = temperatureStep(plan);
  const hotIndex = hot && plan.thermometer.in !== 'none' ? steps.indexOf(hot) : -1;
  const heating = hotIndex >= 0 && progress.index <= hotIndex;
  const target = hot && heating ? targetOf(plan, hot.endpoint, level, place) : null;
  const nowS = (nowMs - notebook.zeroMs) / 1000;
  const trace = notes.readings.get(1);
  const thermal = trace && trace.seconds.length > 0 ? thermalState(setting, trace, target, nowS) : noThermal;
  const step = steps[progress.index] ?? null;
  const second = secondThermometer(notes, nowS);
  return {
    station,
    level,
    levelWords: level ? levelLabel(plan.factor, level) : '',
    step,
    stepNumber: progress.index + 1,
    stepSince: progress.since,
    lastEvent: progress.lastEvent,
    heating,
    target,
    second,
    ...thermal,
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
    measured: plan.responses.map((response) => ({ response, mean: cellOf(response, notes).mean })),
  };
}

function progressOf(steps: readonly Step[], notes: StationNotes, notebook: Notebook) {
  let index = 0;
  let lastEvent: Noted<EventBody> | null = null;
  for (const event of [...notes.events, ...notebook.everywhere.events]) {
    const at = steps.findIndex((step) => step.id === event.body.stepId);
    if (at >= 0 && at + 1 >= index) {
      index = at + 1;
      lastEvent = event;
    }
  }
  return { index, lastEvent, since: lastEvent?.at ?? notebook.zeroMs };
}

type Thermal = Pick<
  StationState,
  'reading' | 'inAMinuteC' | 'words' | 'plateau' | 'forecast' | 'phase' | 'jump'
>;

const noThermal: Thermal = {
  reading: null,
  inAMinuteC: null,
  words: 'no reading yet',
  plateau: null,
  forecast: null,
  phase: 'not-started',
  jump: null,
};

function thermalState(setting: BenchSetting, trace: Trace, target: Target | null, nowS: number): Thermal {
  const last = trace.seconds.length - 1;
  const celsius = trace.celsius[last]!;
  const recent = windowOf(trace, nowS - 60, nowS, 30);
  const line = robustSlope(recent);
  const plateau = presentPlateau(
    trace,
    nowS,
    setting.plan.thermometer.in === 'syrup' ? boilingLevel : foodLevel,
  );
  const rising =
    target === null || reachedByHeating(setting.plan, setting.boilingC, target.localC, trace.celsius);
  const forecast = target === null ? null : forecastTo(setting, trace, target.localC, rising, nowS);
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
    words: wordsFor(setting, celsius, plateau, line && line.low * line.high > 0 ? line.slope : 0),
    plateau,
    forecast,
    phase,
    jump: jumps.at(-1) ?? null,
  };
}

function forecastTo(
  setting: BenchSetting,
  trace: Trace,
  targetC: number,
  rising: boolean,
  nowS: number,
): Forecast {
  if (setting.syrup && rising && targetC > setting.boilingC) {
    const forecast = forecastSyrup(trace, setting.syrup, targetC, nowS);
    if (forecast.kind !== 'not-approaching') return forecast;
  }
  return timeToTarget(trace, targetC, nowS);
}

/** Margin about local boiling within which a level syrup is boiling its water off, °C. */
const nearBoiling = { below: 2, above: 6 };

/** Whether a temperature is that of a watery pan at the boil here. */
export function isNearBoiling(celsius: number, boilingC: number): boolean {
  return celsius >= boilingC - nearBoiling.below && celsius <= boilingC + nearBoiling.above;
}

function wordsFor(setting: BenchSetting, celsius: number, plateau: Plateau | null, slope: number): string {
  if (setting.plan.thermometer.in === 'syrup') {
    const stage = sugarStageAt(celsius, setting.boilingC);
    if (stage.stageId !== 'below-thread') return stage.words;
    if (celsius >= setting.boilingC - nearBoiling.below) return 'water boiling off';
    return celsius < 40 ? 'dissolving' : 'warming up';
  }
  if (plateau) return `level near ${formatTemperature(plateau.levelC, 'C', 0)}`;
  // A slope that may as well be none; a roast that climbs by 30 °C an hour is not steady.
  if (Math.abs(slope) < 0.001) return 'steady';
  return slope > 0 ? 'warming' : 'cooling';
}

function secondThermometer(notes: StationNotes, nowS: number): StationState['second'] {
  const first = notes.readings.get(1);
  if (!first || first.seconds.length === 0) return null;
  for (const [probe, trace] of notes.readings) {
    const last = trace.seconds.length - 1;
    const at = trace.seconds[last];
    if (probe === 1 || at === undefined || nowS - at > 120) continue;
    // Beside the nearest reading of the first: in the climb the last one would be seconds, and degrees, later.
    const after = Math.min(indexAt(first, at), first.seconds.length - 1);
    const before = Math.max(0, after - 1);
    const nearest = at - first.seconds[before]! < Math.abs(first.seconds[after]! - at) ? before : after;
    return { probe, celsius: trace.celsius[last]!, firstC: first.celsius[nearest]! };
  }
  return null;
}

/** What was last done here, in words: “soda in”. */
export function lastDone(state: StationState, plan: Plan): string | null {
  const event = state.lastEvent;
  if (!event) return null;
  const index = plan.steps.findIndex((step) => step.id === event.body.stepId);
  const step = plan.steps[index];
  return step ? eventOf(step, index) : event.body.text;
}
