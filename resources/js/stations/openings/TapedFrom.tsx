import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import type { OpeningView } from '../../contracts/openings';
import { useJob } from '../../job/JobContext';
import type { Opening } from '../../job/openingEdits';
import { TapeField } from '../../tape/TapeField';

const WAYS = ['from-left-rake', 'from-right-rake', 'from-seam', 'square-left', 'square-right'] as const;
type Way = (typeof WAYS)[number];

interface TapedFromProps {
    opening: OpeningView;
    said: Opening;
    onChange: (change: Partial<Opening>) => void;
}

/** Where an opening stands across its face, by whatever it was taped from; and in line with another. */
export function TapedFrom({ opening, said, onChange }: TapedFromProps) {
    const { t } = useTranslation();
    const { mayChange, units } = useJob();
    const { place } = opening;
    const [chosen, setChosen] = useState<Way>('from-left-rake');
    const way = said.fromRake ? (`square-${said.fromRake.side}` as const) : chosen;
    if (said.outline) return null;
    const own = place.others.find((one) => one.id === opening.id);
    const others = place.others.filter((one) => one.id !== opening.id);
    const value = {
        'from-left-rake': place.left,
        'from-right-rake': place.right,
        'from-seam': place.fromSeam ?? 0,
        'square-left': place.squareLeft ?? 0,
        'square-right': place.squareRight ?? 0,
    }[way];
    // By how much it stands off what was typed, it is moved.
    const move = (inches: number) =>
        way === 'square-left' || way === 'square-right'
            ? onChange({ fromRake: { side: way === 'square-left' ? 'left' : 'right', off: inches } })
            : onChange({ u: (said.u ?? 0) + (way === 'from-right-rake' ? value - inches : inches - value) });
    const open = WAYS.filter(
        (one) =>
            (one !== 'from-seam' || place.fromSeam !== null) &&
            (one !== 'square-left' || place.squareLeft !== null) &&
            (one !== 'square-right' || place.squareRight !== null),
    );
    const start = (outline: [number, number][], axis: 0 | 1) => Math.min(...outline.map((point) => point[axis]));
    return (
        <div className="stack" style={{ gap: 10 }}>
            <>
                <TextField
                    select
                    label={t('openings.taped')}
                    value={way}
                    disabled={!mayChange}
                    onChange={(event) => {
                        const next = event.target.value as Way;
                        setChosen(next);
                        if (said.fromRake) onChange({ fromRake: undefined, u: (said.u ?? 0) + place.shifted });
                        if (next === 'square-left')
                            onChange({ fromRake: { side: 'left', off: place.squareLeft ?? 0 } });
                        if (next === 'square-right')
                            onChange({ fromRake: { side: 'right', off: place.squareRight ?? 0 } });
                    }}
                >
                    {open.map((one) => (
                        <MenuItem key={one} value={one}>
                            {t(`openings.${one}`)}
                        </MenuItem>
                    ))}
                </TextField>
                <TapeField
                    key={way}
                    units={units}
                    disabled={!mayChange}
                    signed
                    label={t(`openings.${way}`)}
                    value={value}
                    onChange={move}
                />
            </>
            {own && others.length > 0 && (
                <TextField
                    select
                    label={t('openings.in-line')}
                    value=""
                    disabled={!mayChange}
                    onChange={(event) => {
                        const [id, axis] = event.target.value.split('|');
                        const other = others.find((one) => one.id === id);
                        if (!other) return;
                        const by =
                            start(other.outline, axis === 'v' ? 1 : 0) - start(own.outline, axis === 'v' ? 1 : 0);
                        onChange(
                            axis === 'v'
                                ? { v: (said.v ?? 0) + by }
                                : { u: (said.u ?? 0) + place.shifted + by, fromRake: undefined },
                        );
                    }}
                >
                    {others.flatMap((one) => [
                        <MenuItem key={`${one.id}|v`} value={`${one.id}|v`}>
                            {t('openings.in-line-level', { name: one.name })}
                        </MenuItem>,
                        <MenuItem key={`${one.id}|u`} value={`${one.id}|u`}>
                            {t('openings.in-line-up', { name: one.name })}
                        </MenuItem>,
                    ])}
                </TextField>
            )}
        </div>
    );
}
