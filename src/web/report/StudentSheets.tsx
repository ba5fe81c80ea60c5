import { format } from 'date-fns';
import type { Run } from '../../contract/runs';
import { treatmentsOf } from '../../core/practical';
import { useBenchSetting } from '../run/use-bench-setting';
import { Page } from '../paper/Page';
import type { PaperName } from '../paper/paper';
import { SheetBack } from './SheetBack';
import { SheetFront } from './SheetFront';

/** Blank sheets, one for each treatment: what a tablet can log can be written here, and nobody reads another’s amounts. */
export function StudentSheets({ run, paper }: { run: Run; paper: PaperName }) {
  const setting = useBenchSetting(run);
  const { plan } = run;
  return treatmentsOf(plan).map((treatment) => {
    const stations = run.allocation
      .filter((one) => one.treatmentId === treatment.id)
      .map((one) => one.station);
    if (stations.length === 0) return null;
    const own = setting.own(stations[0]!);
    const foot = `${plan.title} · ${run.className} · ${format(run.startsAt, 'd MMMM yyyy')} · ${own.treatment?.label ?? ''} · blank student sheet`;
    return [
      <Page key={`${treatment.id}-front`} paper={paper} foot={foot}>
        <SheetFront run={run} own={own} varied={setting.varied} stations={stations} />
      </Page>,
      <Page key={`${treatment.id}-back`} paper={paper} foot={foot}>
        <SheetBack plan={plan} unit={run.unit} />
      </Page>,
    ];
  });
}
