import { routes } from '../../contract/routes';

/** Where a page reads and writes a run: the board all of it, a station’s page its own part. */
export interface RunDoor {
  /** Under which this device keeps what belongs to it. */
  key: string;
  runId: string;
  station: number | null;
  run: string;
  log: string;
  live: string;
  picture(hash: string): string;
  smallPicture(hash: string): string;
}

export const boardDoor = (id: string): RunDoor => ({
  ...{ key: id, runId: id, station: null },
  ...{ run: routes.run(id), log: routes.log(id), live: routes.live(id) },
  ...{ picture: routes.picture, smallPicture: routes.smallPicture },
});

export const stationDoor = (id: string, station: number): RunDoor => ({
  ...{ key: `${id}/${station}`, runId: id, station },
  run: routes.station(id, station),
  log: routes.stationLog(id, station),
  live: routes.stationLive(id, station),
  picture: (hash) => routes.stationPicture(id, station, hash),
  smallPicture: (hash) => routes.stationSmallPicture(id, station, hash),
});
