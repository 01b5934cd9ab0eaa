import { station as cuts } from './cuts/station';
import { station as layout } from './layout/station';
import { station as loadOut } from './load-out/station';
import { station as roof } from './roof/station';
import { station as survey } from './survey/station';

/** The stations that are built, in working order: the rail, the keys, the search and the addresses go by it. */
export const STATIONS = [survey, roof, layout, cuts, loadOut] as const;

export type StationKey = (typeof STATIONS)[number]['key'];
