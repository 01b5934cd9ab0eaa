import Button from '@mui/material/Button';
import Checkbox from '@mui/material/Checkbox';
import FormControlLabel from '@mui/material/FormControlLabel';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import { ApiError, call } from '../api/client';
import type { Profile } from '../contracts/job';
import { useCrewProfiles } from '../api/queries';
import { useJobTape } from '../tape/JobTape';
import { Said } from '../tape/Len';
import { readTape } from '../tape/readTape';
import { FieldForm } from './FieldForm';
import { ThreeTapes } from './ThreeTapes';

const FAMILIES: Profile['family'][] = [
    'snap-lock',
    'nail-strip',
    'single-lock',
    'double-lock',
    'cap-seam',
    'ribbed',
    'corrugated',
];
const HANDS: NonNullable<Profile['hand']>[] = ['female-left', 'female-right', 'either'];
const LENGTHS = ['cover', 'outToOut', 'insideToOutside', 'height', 'coil'] as const;
/** Two legs alike need no second tape; what is left out of a sheet the server asks for, or follows from its ribs. */
const MAY_BE_LEFT = ['insideToOutside', 'ribSpacing', 'stitchSpacing', 'travel', 'shortest', 'longest'];
/** Where screws stand across a sheet: several places, apart by commas. */
const PLACES = ['fieldScrews', 'endScrews'] as const;
/** Sheets are screwed by their ribs. */
const RIBBED: Profile['family'][] = ['ribbed', 'corrugated'];
const lengthsOf = (family: Profile['family']) =>
    RIBBED.includes(family)
        ? ([...LENGTHS, 'ribSpacing', 'stitchSpacing', 'shortest', 'longest'] as const)
        : ([...LENGTHS, 'travel', 'shortest', 'longest'] as const);
const placesOf = (family: Profile['family']) => (RIBBED.includes(family) ? PLACES : ([] as const));

/** @throws ApiError naming the field */
function inches(name: string, typed: string, fault: (code: string) => string): number {
    const reading = readTape(typed, 'imperial');
    if ('fault' in reading) throw new ApiError(422, { faults: [{ field: name, message: fault(reading.fault) }] });
    return reading.inches;
}

/** Profiles the crew measured or copied from the panel maker's sheet. */
export function OwnProfiles({ mayChange }: { mayChange: boolean }) {
    const { t } = useTranslation();
    const client = useQueryClient();
    const print = useJobTape();
    const profiles = useCrewProfiles();
    const [family, setFamily] = useState<Profile['family']>('snap-lock');
    const [hand, setHand] = useState<NonNullable<Profile['hand']>>('female-left');
    const [mayTurn, setMayTurn] = useState(false);
    const [adding, setAdding] = useState(0);
    const again = () => client.invalidateQueries({ queryKey: ['crew-profiles'] });

    const add = async (values: Record<string, string>) => {
        const read = (name: string, typed: string) =>
            inches(name, typed, (fault) => t(`tape.fault.${fault}`, { typed }));
        const lengths: Record<string, number | number[]> = {};
        for (const name of lengthsOf(family)) {
            if (MAY_BE_LEFT.includes(name) && (values[name] ?? '').trim() === '') continue;
            lengths[name] = read(name, values[name]);
        }
        for (const name of placesOf(family)) {
            const places = (values[name] ?? '').split(',').filter((one) => one.trim() !== '');
            if (places.length > 0) lengths[name] = places.map((one) => read(name, one));
        }
        const leastPitch = Number(values.leastPitch);
        try {
            await call('POST', 'crew/profiles', {
                key: values.key.trim(),
                family,
                hand,
                ...(RIBBED.includes(family) ? { mayTurn } : {}),
                ...lengths,
                leastPitch: Number.isFinite(leastPitch) ? leastPitch : values.leastPitch,
            });
        } catch (error) {
            if (error instanceof ApiError && error.status === 409)
                throw new ApiError(422, { faults: [{ field: 'key', message: t('profiles.shipped') }] });
            if (error instanceof ApiError)
                throw new ApiError(422, {
                    faults: error.faults.map((fault) => ({ ...fault, field: fault.field.split('.').pop() ?? '' })),
                });
            throw error;
        }
        await again();
        setAdding(adding + 1);
    };

    return (
        <section className="sheet">
            <h2 style={{ marginTop: 0 }}>{t('profiles.title')}</h2>
            <p className="muted small">{t('profiles.hint')}</p>
            <table className="plain">
                <tbody>
                    {profiles.data?.map(({ id, definition, outToOut }) => (
                        <tr key={id}>
                            <th scope="row">{definition.key}</th>
                            <td className="muted">{t(`family.${definition.family}`)}</td>
                            <td className="n">
                                <Said
                                    text={t('profiles.sheet', {
                                        cover: print(definition.cover, 'nearest', true),
                                        out: print(outToOut, 'nearest', true),
                                    })}
                                />
                            </td>
                            <td className="n">
                                {mayChange && (
                                    <Button
                                        size="small"
                                        onClick={() => void call('DELETE', `crew/profiles/${id}`).then(again)}
                                    >
                                        {t('remove')}
                                    </Button>
                                )}
                            </td>
                        </tr>
                    ))}
                </tbody>
            </table>
            {mayChange && (
                <details style={{ marginTop: 10 }}>
                    <summary className="linkish">{t('profiles.add')}</summary>
                    <div style={{ marginTop: 12 }}>
                        <ThreeTapes />
                        <FieldForm
                            key={adding}
                            fields={[
                                { name: 'key', label: t('profiles.key') },
                                ...[...lengthsOf(family), ...placesOf(family)].map((name) => ({
                                    name,
                                    label: t(`profiles.${name}`),
                                })),
                                { name: 'leastPitch', label: t('profiles.leastPitch'), start: '3' },
                            ]}
                            action={t('profiles.keep')}
                            onSend={add}
                        >
                            <TextField
                                select
                                label={t('profiles.family')}
                                value={family}
                                onChange={(event) => setFamily(event.target.value as Profile['family'])}
                            >
                                {FAMILIES.map((family) => (
                                    <MenuItem key={family} value={family}>
                                        {t(`family.${family}`)}
                                    </MenuItem>
                                ))}
                            </TextField>
                            <TextField
                                select
                                label={t('profiles.hand')}
                                value={hand}
                                onChange={(event) => setHand(event.target.value as NonNullable<Profile['hand']>)}
                            >
                                {HANDS.map((one) => (
                                    <MenuItem key={one} value={one}>
                                        {t(`hand.${one}`)}
                                    </MenuItem>
                                ))}
                            </TextField>
                            {RIBBED.includes(family) && (
                                <FormControlLabel
                                    label={t('profiles.mayTurn')}
                                    control={<Checkbox checked={mayTurn} onChange={(_, may) => setMayTurn(may)} />}
                                />
                            )}
                        </FieldForm>
                    </div>
                </details>
            )}
        </section>
    );
}
