import { boardFrames } from './board';
import { core } from './core';
import { forecasts } from './forecast';
import { ingestion } from './ingestion';
import { serverStart } from './start';

for (const figures of [core, ingestion, forecasts, serverStart, boardFrames]) {
  for (const figure of await figures()) console.log(JSON.stringify(figure));
}
