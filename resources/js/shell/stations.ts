import { lazy } from 'react';

/** The stations that are built, in working order. */
export const STATIONS = [
    { key: 'survey', tile: 'survey', Screen: lazy(() => import('../stations/survey/SurveyStation')) },
    { key: 'roof', tile: 'roof', Screen: lazy(() => import('../stations/roof/RoofStation')) },
    { key: 'layout', tile: 'layout', Screen: lazy(() => import('../stations/layout/LayoutStation')) },
    { key: 'cuts', tile: 'cuts', Screen: lazy(() => import('../stations/cuts/CutsStation')) },
    { key: 'load-out', tile: 'loadOut', Screen: lazy(() => import('../stations/load-out/LoadOutStation')) },
] as const;

export type StationKey = (typeof STATIONS)[number]['key'];
