import Button from '@mui/material/Button';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import type { OwnLayer } from '../../contracts/builds';
import type { EdgeSection } from '../../contracts/edges';
import { addLayer } from '../../job/buildEdits';
import { freshId } from '../../job/edits';
import { useJob } from '../../job/JobContext';
import { TapeField } from '../../tape/TapeField';

const ROLES: OwnLayer['role'][] = ['membrane', 'trim', 'cleat', 'zee', 'closure', 'vent', 'tape', 'sealant'];
const FASTENERS: NonNullable<OwnLayer['fastener']>['kind'][] = [
    'pancake',
    'nail',
    'flat',
    'washered',
    'stitch',
    'lap',
    'rivet',
];
const SEALS: NonNullable<OwnLayer['seal']>['kind'][] = ['butyl-tape', 'butyl-gun', 'silicone', 'polymer', 'urethane'];
const METALS: NonNullable<OwnLayer['metal']>[] = ['steel', 'aluminium', 'copper', 'zinc', 'stainless'];
const DECK = 'deck';
const LEAVES_METAL = ['trim', 'cleat', 'zee'];

interface OwnLayerFormProps {
    section: EdgeSection;
    /** Takes this layer's place; goes on after what it lies on where there is none. */
    instead: string | null;
    onDone: (key: string) => void;
}

/** A layer somebody has besides those of the build, or in the place of one. */
export function OwnLayerForm({ section, instead, onDone }: OwnLayerFormProps) {
    const { t } = useTranslation();
    const { edit, units } = useJob();
    const old = section.layers.find((one) => one.key === instead);
    const [layer, setLayer] = useState<OwnLayer>({
        role: 'membrane',
        on: section.layers[0]?.key ?? DECK,
        from: -4,
        to: -1,
        ...(old?.asOwn as Partial<OwnLayer> | undefined),
        title: '',
    });
    const change = (changed: Partial<OwnLayer>) => setLayer((was) => ({ ...was, ...changed }));
    const bases = section.layers.filter((one) => one.key !== instead);
    const length = (field: 'from' | 'to' | 'lap') => (
        <TapeField
            key={field}
            label={t(`edges.own.${field}`)}
            value={layer[field] ?? 0}
            units={units}
            signed={field !== 'lap'}
            most={field === 'lap' ? 24 : 30}
            onChange={(inches) => change({ [field]: inches })}
        />
    );
    const pick = <T extends string>(
        label: string,
        value: T | '',
        options: { value: T; name: string }[],
        none: string | null,
        onChange: (value: T | undefined) => void,
    ) => (
        <TextField
            select
            label={label}
            value={value}
            onChange={(event) => onChange((event.target.value || undefined) as T | undefined)}
            slotProps={{ select: { displayEmpty: true }, inputLabel: { shrink: true } }}
        >
            {none !== null && <MenuItem value="">{none}</MenuItem>}
            {options.map((one) => (
                <MenuItem key={one.value} value={one.value}>
                    {one.name}
                </MenuItem>
            ))}
        </TextField>
    );
    const take = () => {
        const key = freshId('own-', [...section.order, ...section.left.map((one) => one.key)]);
        const at = section.order.indexOf(instead ?? layer.on);
        const order = [...section.order];
        order.splice(instead === null ? at + 1 : at, instead === null ? 0 : 1, key);
        edit((d) => addLayer(d, section.edge, section.buildName, key, { ...layer, title: layer.title.trim() }, order));
        onDone(key);
    };
    return (
        <form
            className="stack"
            style={{ gap: 12, padding: '8px 0 12px' }}
            aria-label={t('edges.own.form')}
            onSubmit={(event) => {
                event.preventDefault();
                take();
            }}
        >
            <TextField
                label={t('edges.own.title')}
                value={layer.title}
                onChange={(event) => change({ title: event.target.value })}
                slotProps={{ htmlInput: { maxLength: 60 } }}
            />
            {pick(
                t('edges.own.role'),
                layer.role,
                ROLES.map((value) => ({ value, name: t(`layer-role.${value}`) })),
                null,
                (role) => role && change({ role }),
            )}
            {pick(
                t('edges.own.on'),
                layer.on,
                [
                    { value: DECK, name: t('edges.own.deck') },
                    ...bases.map((one) => ({ value: one.key, name: one.name })),
                ],
                null,
                (on) => on && change({ on }),
            )}
            <div className="rowed" style={{ flexWrap: 'nowrap', alignItems: 'flex-start' }}>
                {length('from')}
                {length('to')}
            </div>
            <p className="muted small">{t('edges.own.places')}</p>
            {length('lap')}
            {pick(
                t('edges.own.fastener'),
                layer.fastener?.kind ?? '',
                FASTENERS.map((value) => ({ value, name: t(`fastener.${value}`) })),
                t('edges.own.no-fastener'),
                (kind) =>
                    change({
                        fastener: kind && { spacing: 12, at: (layer.from + layer.to) / 2, ...layer.fastener, kind },
                    }),
            )}
            {layer.fastener && (
                <div className="rowed" style={{ flexWrap: 'nowrap', alignItems: 'flex-start' }}>
                    <TapeField
                        label={t('edges.spacing')}
                        value={layer.fastener.spacing}
                        units={units}
                        least={1}
                        most={120}
                        onChange={(spacing) => layer.fastener && change({ fastener: { ...layer.fastener, spacing } })}
                    />
                    <TapeField
                        label={t('edges.own.at')}
                        value={layer.fastener.at}
                        units={units}
                        signed
                        most={30}
                        onChange={(at) => layer.fastener && change({ fastener: { ...layer.fastener, at } })}
                    />
                </div>
            )}
            {pick(
                t('edges.own.seal'),
                layer.seal?.kind ?? '',
                SEALS.map((value) => ({ value, name: t(`sealant.${value}`) })),
                t('edges.own.no-seal'),
                (kind) => change({ seal: kind && { kind } }),
            )}
            {LEAVES_METAL.includes(layer.role) &&
                pick(
                    t('edges.own.metal'),
                    layer.metal ?? '',
                    METALS.map((value) => ({ value, name: t(`material.${value}`) })),
                    t('edges.own.as-trims'),
                    (metal) => change({ metal }),
                )}
            <TextField
                multiline
                label={t('edges.own.note')}
                value={layer.note ?? ''}
                onChange={(event) => change({ note: event.target.value || undefined })}
                slotProps={{ htmlInput: { maxLength: 280 } }}
            />
            <div className="rowed">
                <Button type="submit" variant="contained" disabled={layer.title.trim() === ''}>
                    {t(instead === null ? 'edges.own.add' : 'edges.own.swap')}
                </Button>
                <Button variant="outlined" color="inherit" onClick={() => onDone('')}>
                    {t('cancel')}
                </Button>
            </div>
        </form>
    );
}
