import type { GellingAgent } from '../gels';

/** A gel in its mould at one moment. */
export interface GelState {
  minutes: number;
  celsius: number;
  /** Share of the final set, 0 to 1. */
  set: number;
}

export interface GelInMould {
  agent: GellingAgent;
  /** Surroundings, °C, and how fast the mould follows them: Newton's time constant, minutes. */
  airC: number;
  coolingMinutes: number;
  /** How fast the network forms once it is cold enough: time constant, minutes (gelatine about 60, agar 3, pectin 600). */
  settingMinutes: number;
}

/** Time constants of setting, minutes (teaching values). */
export const settingMinutes: Readonly<Record<string, number>> = {
  gelatine: 60,
  agar: 3,
  'pectin-hm': 600,
  'pectin-lm': 120,
  carrageenan: 5,
  'egg-custard': 4,
  rennet: 15,
};

/** Moves a gel on: it cools, sets below its setting range, melts above its melting range; between them it stays as it is. */
export function setGel(
  state: GelState,
  { agent, airC, coolingMinutes, settingMinutes: tau }: GelInMould,
  stepMinutes: number,
): GelState {
  const celsius = airC + (state.celsius - airC) * Math.exp(-stepMinutes / coolingMinutes);
  const minutes = state.minutes + stepMinutes;
  const { setsC, meltsC } = agent;
  if (meltsC && celsius > meltsC[0]) {
    const melting = Math.min(1, (celsius - meltsC[0]) / Math.max(1, meltsC[1] - meltsC[0]));
    return { minutes, celsius, set: state.set * Math.exp((-stepMinutes * melting) / 2) };
  }
  if (!setsC || celsius > setsC[1]) return { minutes, celsius, set: state.set };
  const coldness = Math.min(1, (setsC[1] - celsius) / Math.max(1, setsC[1] - setsC[0]));
  return { minutes, celsius, set: 1 - (1 - state.set) * Math.exp((-stepMinutes * coldness) / tau) };
}
