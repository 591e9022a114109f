import { isArranged, placedIn } from '~~/core/garden/placed';

export interface Station {
  key: string;
  name: string;
  path: string;
  /** The one figure that shows its state. */
  figure: string;
  /** One of the five of the day: on a phone it stands at the bottom, the others one press away. */
  daily: boolean;
}

/** The stations of the work that have a view, in the order of the work, each with its figure. */
export function useStations() {
  const garden = useGardenStore();
  const view = useViewStore();
  const work = useWorkStore();
  const log = useLogStore();
  return computed<Station[]>(() => {
    const served = garden.served;
    const unserved = served ? served.targets.length - served.closed : 0;
    const left = [...garden.areas.values()].reduce((sum, use) => sum + Math.max(0, use.left_m2), 0);
    const beds = garden.sites.length;
    const unfit = served?.faults.length ?? 0;
    const { here } = garden;
    const planted = here ? garden.sites.map((site) => placedIn(here, site)).filter((rows) => rows.length > 0) : [];
    const arranged = planted.filter((rows) => rows.every(isArranged)).length;
    const base = `/gardens/${garden.id}`;
    return [
      {
        key: '1',
        name: 'Place',
        path: `${base}/place`,
        figure: beds === 0 ? 'no bed yet' : `${beds} ${beds === 1 ? 'site' : 'sites'}`,
        daily: true,
      },
      {
        key: '2',
        name: 'Targets',
        path: `${base}/targets`,
        figure: !served?.targets.length ? 'none chosen' : unserved === 0 ? 'all served' : `${unserved} unserved`,
        daily: false,
      },
      {
        key: '3',
        name: 'Match',
        path: `${base}/match`,
        figure: unfit === 0 ? 'all planted fit' : `${unfit} do not fit`,
        daily: false,
      },
      { key: '4', name: 'Plan', path: `${base}/plan`, figure: `${view.area(left)} left`, daily: true },
      {
        key: '5',
        name: 'Season',
        path: `${base}/season`,
        figure: served?.targets.length ? `${served.closed} of ${served.targets.length} close` : 'no targets',
        daily: true,
      },
      {
        key: '6',
        name: 'Beds',
        path: `${base}/beds`,
        figure:
          planted.length === 0
            ? 'nothing planted'
            : arranged === planted.length
              ? 'all arranged'
              : `${arranged} of ${planted.length} arranged`,
        daily: false,
      },
      {
        key: '7',
        name: 'Work',
        path: `${base}/work`,
        figure: work.day === null ? 'what to do now' : work.now.length === 0 ? 'nothing due' : `${work.now.length} to do`,
        daily: true,
      },
      {
        key: '8',
        name: 'Log',
        path: `${base}/log`,
        figure: !log.ready
          ? 'what was seen'
          : log.book.entries.length === 0
            ? 'nothing yet'
            : `${log.book.inYear(log.year).length} in ${log.year}`,
        daily: true,
      },
      {
        key: '9',
        name: 'Library',
        path: `${base}/library`,
        figure:
          garden.own.length > 0 ? `${garden.own.length} of your own` : `${garden.almanac?.targets.size ?? 0} creatures here`,
        daily: false,
      },
    ];
  });
}
