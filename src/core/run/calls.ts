import { capitalised, counted, formatDuration, formatNumber, formatTemperature, listed } from '../format';
import { inSentence, isPhoto, sentenceOf } from '../practical';
import { mostUrgentFirst } from '../remark';
import { boilingTableSource, syrupHeatSource } from '../sugar';
import { approachSource } from '../trace';
import { latentHeatSource } from '../water';
import { workingOf } from '../working';
import type { BenchSetting } from './bench-setting';
import type { Call } from './call';
import { timerCalls, windowCalls } from './moment-calls';
import { isMissing } from './result-cell';
import { isNearBoiling, soonS, type StationState } from './station-state';
import { eventOf } from './steps';

/** Nothing logged for this long is worth a word, s. */
const silenceS = 180;
/** Two thermometers in one pan should agree within this, °C. */
const disagreementC = 1.5;
/** No syrup with water in it is hotter than this, °C. */
const dryC = 185;

/** What needs the teacher now, most urgent first. */
export function callsFor(setting: BenchSetting, states: readonly StationState[], unit: 'C' | 'F'): Call[] {
  const calls = states.flatMap((state) => [
    ...targetCalls(state, unit),
    ...timerCalls(state, unit),
    ...windowCalls(state, unit),
    ...thermometerCalls(state, unit),
    ...silenceCalls(state),
  ]);
  return mostUrgentFirst([
    ...calls,
    ...plateauCall(setting, states, unit),
    ...unmeasuredCall(setting, states),
  ]);
}

function targetCalls(state: StationState, unit: 'C' | 'F'): Call[] {
  const { station, target, reading, forecast, watch, own } = state;
  // The step the thermometer ends, even where those before it were never marked as done.
  if (!target || !reading || !watch) return [];
  const said = eventOf(watch.step);
  const next = own.steps[watch.step.number];
  const syrup = watch.medium === 'syrup' && own.syrup !== null;
  const then = next ? ` Then: ${inSentence(sentenceOf(next, unit))}` : '';
  const action = { label: `log “${said}”`, line: `${station} ${said}` };
  const lines = [
    { text: 'now', value: reading.celsius, unit: '°C' },
    { text: 'target here', value: target.localC, unit: '°C' },
    ...(target.shifted ? [{ text: 'target at sea level', value: target.seaLevelC, unit: '°C' }] : []),
  ];
  if (state.phase === 'past-target' || state.phase === 'at-target') {
    const over = Math.abs(reading.celsius - target.localC);
    const past = state.phase === 'past-target';
    const shown = unit === 'C' ? `${formatNumber(over, 1)} °C` : `${formatNumber(over * 1.8, 1)} °F`;
    return [
      {
        id: `target:${station}`,
        rank: 'stop',
        stations: [station],
        what: past ? `Station ${station}: ${shown} past target` : `Station ${station}: at target now`,
        why: `${capitalised(said)} now.${then}`,
        working: workingOf(lines),
        action,
      },
    ];
  }
  if (forecast?.kind !== 'reaching' || forecast.seconds > soonS) return [];
  return [
    {
      id: `target:${station}`,
      rank: 'check',
      stations: [station],
      what: `Station ${station}: ready in ${formatDuration(forecast.seconds)}`,
      why: `Target ${formatTemperature(target.localC, unit)} here.${then || ' Be there.'}`,
      working: workingOf(
        [
          ...lines,
          {
            text: syrup
              ? 'forecast: a line through the heat taken up (warmth and steam) against time; pan, losses, thermometer and a hob that creeps are unknowns of the fit'
              : 'forecast: an approach to an asymptote, every bend that the readings allow kept with its weight',
            value: Math.round(forecast.seconds),
            unit: 's',
          },
          {
            text: `95 % interval: ${formatDuration(forecast.low)} to ${forecast.high === null ? 'open' : formatDuration(forecast.high)}`,
          },
        ],
        syrup ? [boilingTableSource, syrupHeatSource, latentHeatSource] : [approachSource],
      ),
      action,
    },
  ];
}

function thermometerCalls(state: StationState, unit: 'C' | 'F'): Call[] {
  const { station, reading, second, jump, heating, own, watch } = state;
  const calls: Call[] = [];
  if (!reading || !heating) return calls;
  if (second && Math.abs(second.celsius - second.firstC) > disagreementC) {
    calls.push({
      id: `disagree:${station}`,
      rank: 'check',
      stations: [station],
      what: `Station ${station}: two thermometers differ`,
      why: `${formatTemperature(second.firstC, unit)} and ${formatTemperature(second.celsius, unit)}. Same depth, bulb off the bottom? Check both in boiling water.`,
      working: workingOf([
        { text: 'difference', value: Math.abs(second.celsius - second.firstC), unit: '°C' },
        { text: 'a word from', value: disagreementC, unit: '°C' },
      ]),
    });
  }
  if (jump) {
    calls.push({
      id: `jump:${station}`,
      rank: 'check',
      stations: [station],
      what: `Station ${station}: jumped ${formatNumber(Math.abs(jump.toC - jump.fromC), 0)} °C in ${formatDuration(Math.max(1, jump.overS))}`,
      why: 'No pan does that. The reading is kept; look where the thermometer is, and correct it if it was a slip.',
      working: workingOf([
        { text: 'from', value: jump.fromC, unit: '°C' },
        { text: 'to', value: jump.toC, unit: '°C' },
      ]),
    });
  }
  const waterG = watch?.medium === 'syrup' ? (own.syrup?.waterG ?? 0) : 0;
  if (waterG > 0 && reading.celsius > dryC) {
    calls.push({
      id: `dry:${station}`,
      rank: 'stop',
      stations: [station],
      what: `Station ${station}: ${formatTemperature(reading.celsius, unit)} with water in the formula`,
      why: 'Syrup only gets this hot when its water is gone and the sugar burns. Off the heat if it is true; the reading is kept either way.',
      working: workingOf([
        { text: 'water in the formula', value: waterG, unit: 'g' },
        { text: 'reading', value: reading.celsius, unit: '°C' },
      ]),
    });
  }
  return calls;
}

function silenceCalls({ station, silentS, heating, reading, words, phase }: StationState): Call[] {
  if (!heating || silentS === null || silentS < silenceS || phase === 'finished') return [];
  return [
    {
      id: `silent:${station}`,
      rank: 'check',
      stations: [station],
      what: `Station ${station}: nothing for ${formatDuration(silentS)}`,
      why: reading ? `It was at ${formatTemperature(reading.celsius)}, ${words}.` : 'No reading yet.',
      working: workingOf([
        { text: 'since the last entry', value: Math.round(silentS), unit: 's' },
        { text: 'a word from', value: silenceS, unit: 's' },
      ]),
    },
  ];
}

/** One note for all the stations that have levelled off while their water boils away. */
function plateauCall(setting: BenchSetting, states: readonly StationState[], unit: 'C' | 'F'): Call[] {
  const level = states.filter(
    ({ watch, plateau }) =>
      watch?.medium === 'syrup' && plateau && isNearBoiling(plateau.levelC, setting.boilingC),
  );
  if (level.length === 0) return [];
  const mean = level.reduce((sum, state) => sum + state.plateau!.levelC, 0) / level.length;
  const who = level.length === 1 ? `Station ${level[0]!.station} has` : `${stationList(level)} have`;
  return [
    {
      id: 'plateau',
      rank: 'note',
      stations: level.map((state) => state.station),
      what: `${who} levelled off`,
      why: `Near ${formatTemperature(mean, unit, 0)} the heat goes into steam, not into temperature. Ask the class why.`,
      working: workingOf([
        { text: 'water boils here at', value: setting.boilingC, unit: '°C' },
        { text: 'level of these pans', value: mean, unit: '°C' },
        'a pan counts as level below 0.9 °C a minute for a minute',
      ]),
    },
  ];
}

/** One note for what finished stations have measured and not written down. */
function unmeasuredCall({ plan }: BenchSetting, states: readonly StationState[]): Call[] {
  const finished = states.filter((state) => state.phase === 'finished');
  const gaps = plan.responses
    .map((response, i) => ({
      name: response.name,
      without: finished.filter((state) => isMissing(state.measured[i]!.cell)).map((state) => state.station),
    }))
    .filter(({ without }) => without.length > 0);
  if (gaps.length === 0) return [];
  const where = (stations: number[]) =>
    stations.length > 4 ? counted(stations.length, 'station') : `station ${listed(stations.map(String))}`;
  return [
    {
      id: 'unmeasured',
      rank: 'note',
      stations: [...new Set(gaps.flatMap(({ without }) => without))],
      what: 'Finished, but not written down',
      why: `${capitalised(listed(gaps.map(({ name, without }) => `${name} of ${where(without)}`)))}. Type the station, then the name and the value${plan.responses.some(isPhoto) ? '; photos are taken on the station page' : ''}.`,
      working: workingOf(
        gaps.map(({ name, without }) => ({
          text: `of ${counted(finished.length, 'finished station')}, without a ${name}`,
          value: without.length,
        })),
      ),
    },
  ];
}

function stationList(states: readonly StationState[]): string {
  if (states.length > 5) return counted(states.length, 'station');
  return `Stations ${listed(states.map((state) => String(state.station)))}`;
}
