import { readStep } from '../src/core/practical';
import { readRecipe } from '../src/core/recipe';
for (const t of ['Whisk the wet ones, 3 min','Stir until as thick as cream','Heat it as hot as it gets','Rest a quarter of an hour','Leave for three quarters of an hour','Chill overnight','Leave 2 days','Leave for two days','Soak over night','Leave for 24 hours','Prove for an hour and a half','Simmer an hour and ten minutes','Leave one and a half hours','Rest half an hour','Wait half a minute','Leave a few minutes','Stir as in step 3','Beat as soon as it rises','Whisk eggs a second','Leave for a day','Chill for a couple of hours','Cook for ten to fifteen minutes','Leave for a week','Bake for 1 to 1¼ hours','Boil hard for one minute','Stir for 30s','Leave 1h30','Leave 1:30 h','Knead for ten','Stir 3 times in 10 minutes','Cook 5 mins','bake 10′','Simmer twenty-five minutes', 'Simmer for forty five minutes','5-10-minute rest','Let stand for at least 4 hours or overnight']) {
  const r = readStep(t);
  let m: unknown; try { const q = readRecipe('Cake\n100 g flour\n\n1. '+t+'.'); m = q.steps.map((s)=>[s.minutesLow,s.minutesHigh]); } catch (e) { m=String(e); }
  console.log(t.padEnd(40), r.minutes, r.minutesTo ?? '', '|', JSON.stringify(m));
}
