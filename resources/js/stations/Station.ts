import type { ComponentType, LazyExoticComponent } from 'react';
import type { OverviewSlice } from '../api/contract';

/** What the shell knows of a station: its name in addresses and words, where its tile stands, its screen. */
export interface Station {
    key: string;
    tile: keyof OverviewSlice;
    Screen: LazyExoticComponent<ComponentType>;
}
