import { boardFrames } from './board';
import { changed } from './changed';
import { core } from './core';
import { coverage } from './coverage';
import { familywiseErrors, powerChecks } from './familywise';
import { files } from './files';
import { firstLoads } from './first-load';
import { foods } from './foods';
import { forecasts } from './forecast';
import { ingestion } from './ingestion';
import { librarySearch } from './library';
import { load } from './load';
import { longRuns } from './long-runs';
import { manyPages } from './many-pages';
import { othersWait } from './others-wait';
import { planEditing } from './plan-editing';
import { prep } from './prep';
import { recipes } from './recipes';
import { serverStart } from './start';
import { timetables } from './timetables';
import { falseSentences, powerBesideClassical } from './unlike-spreads';

/** `npm run bench -- firstLoads planEditing` asks for some of them only. */
const wanted = process.argv.slice(2);

for (const figures of [
  core,
  coverage,
  changed,
  powerChecks,
  familywiseErrors,
  falseSentences,
  powerBesideClassical,
  ingestion,
  load,
  librarySearch,
  files,
  longRuns,
  manyPages,
  forecasts,
  recipes,
  foods,
  timetables,
  prep,
  serverStart,
  boardFrames,
  firstLoads,
  othersWait,
  planEditing,
]) {
  if (wanted.length > 0 && !wanted.includes(figures.name)) continue;
  for (const figure of await figures()) console.log(JSON.stringify(figure));
}
