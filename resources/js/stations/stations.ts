import { station as cuts } from './cutting/station';
import { station as layout } from './layout/station';
import { station as loadOut } from './load-out/station';
import { station as roof } from './roof/station';
import type { Place, Station } from './Station';
import { station as survey } from './survey/station';

/** The stations that are built, in working order: the rail, the keys, the search and the addresses go by it. */
export const STATIONS: readonly Station[] = [survey, roof, layout, cuts, loadOut] as readonly unknown[] as Station[];

export type { Place };
export type StationKey = Station['key'];
