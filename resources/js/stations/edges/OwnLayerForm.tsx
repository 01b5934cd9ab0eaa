import Button from '@mui/material/Button';
import { Paragraph } from '../../kit/Paragraph';
import TextField from '@mui/material/TextField';
import { useRef, useState } from 'react';
import { useTranslation } from 'react-i18next';
import type { OwnLayer } from '../../contracts/builds';
import type { EdgeSection } from '../../contracts/edges';
import { Choice } from '../../bench/Choice';
import { addLayer } from './buildEdits';
import { freshId } from '../../job/edits';
import { useJob } from '../../job/JobContext';
import { NumberField } from '../../tape/NumberField';
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
/** A bead, where nobody says another width; as the contract has it. */
const SEAL_WIDTH = 0.25;
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
        on: DECK,
        from: -4,
        to: -1,
        ...(old?.asOwn as Partial<OwnLayer> | undefined),
        title: '',
    });
    const now = useRef(layer);
    const change = (changed: Partial<OwnLayer>) => {
        now.current = { ...now.current, ...changed };
        setLayer(now.current);
    };
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
    const take = () => {
        // What is being typed counts.
        if (document.activeElement instanceof HTMLElement) document.activeElement.blur();
        const layer = now.current;
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
                slotProps={{ htmlInput: { maxLength: 26 } }}
            />
            <Choice
                label={t('edges.own.role')}
                value={layer.role}
                options={ROLES.map((value) => ({ value, name: t(`layer-role.${value}`) }))}
                onChange={(role) => role && change({ role })}
            />
            <Choice
                label={t('edges.own.on')}
                value={layer.on}
                options={[
                    { value: DECK, name: t('edges.own.deck') },
                    ...bases.map((one) => ({ value: one.key, name: one.name })),
                ]}
                onChange={(on) => on && change({ on })}
            />
            <div className="rowed" style={{ flexWrap: 'nowrap', alignItems: 'flex-start' }}>
                {length('from')}
                {length('to')}
            </div>
            <p className="muted small">{t('edges.own.places')}</p>
            {length('lap')}
            <HeldAndSealed layer={layer} onChange={change} />
            {LEAVES_METAL.includes(layer.role) && (
                <Choice
                    label={t('edges.own.metal')}
                    value={layer.metal ?? ''}
                    options={METALS.map((value) => ({ value, name: t(`material.${value}`) }))}
                    none={t('edges.own.as-trims')}
                    onChange={(metal) => change({ metal })}
                />
            )}
            <Paragraph
                label={t('edges.own.note')}
                value={layer.note ?? ''}
                onChange={(event) => change({ note: event.target.value || undefined })}
                most={280}
            />
            <div className="rowed">
                <Button
                    type="submit"
                    variant="contained"
                    disabled={layer.title.trim() === ''}
                    // The field keeps its line of help, and the button its place, until it is pressed.
                    onMouseDown={(event) => event.preventDefault()}
                >
                    {t(instead === null ? 'edges.own.add' : 'edges.own.swap')}
                </Button>
                <Button variant="outlined" color="inherit" onClick={() => onDone('')}>
                    {t('cancel')}
                </Button>
            </div>
        </form>
    );
}

/** What holds a layer, and what seals it. */
function HeldAndSealed({ layer, onChange }: { layer: OwnLayer; onChange: (changed: Partial<OwnLayer>) => void }) {
    const { t } = useTranslation();
    const { units } = useJob();
    return (
        <>
            <Choice
                label={t('edges.own.fastener')}
                value={layer.fastener?.kind ?? ''}
                options={FASTENERS.map((value) => ({ value, name: t(`fastener.${value}`) }))}
                none={t('edges.own.no-fastener')}
                onChange={(kind) =>
                    onChange({
                        fastener: kind && { spacing: 12, at: (layer.from + layer.to) / 2, ...layer.fastener, kind },
                    })
                }
            />
            {layer.fastener && (
                <div className="rowed" style={{ flexWrap: 'nowrap', alignItems: 'flex-start' }}>
                    <TapeField
                        label={t('edges.spacing')}
                        value={layer.fastener.spacing}
                        units={units}
                        least={1}
                        most={120}
                        onChange={(spacing) => layer.fastener && onChange({ fastener: { ...layer.fastener, spacing } })}
                    />
                    <TapeField
                        label={t('edges.own.at')}
                        value={layer.fastener.at}
                        units={units}
                        signed
                        most={30}
                        onChange={(at) => layer.fastener && onChange({ fastener: { ...layer.fastener, at } })}
                    />
                </div>
            )}
            <Choice
                label={t('edges.own.seal')}
                value={layer.seal?.kind ?? ''}
                options={SEALS.map((value) => ({ value, name: t(`sealant.${value}`) }))}
                none={t('edges.own.no-seal')}
                onChange={(kind) => onChange({ seal: kind && { ...layer.seal, kind } })}
            />
            {layer.seal && (
                <div className="rowed" style={{ flexWrap: 'nowrap', alignItems: 'flex-start' }}>
                    <NumberField
                        label={t('edges.own.beads')}
                        value={layer.seal.beads ?? 1}
                        least={1}
                        most={6}
                        onChange={(beads) =>
                            layer.seal && onChange({ seal: { ...layer.seal, beads: Math.round(beads) } })
                        }
                    />
                    <TapeField
                        label={t('edges.own.seal-width')}
                        value={layer.seal.width ?? SEAL_WIDTH}
                        units={units}
                        most={4}
                        onChange={(width) => layer.seal && onChange({ seal: { ...layer.seal, width } })}
                    />
                </div>
            )}
        </>
    );
}
