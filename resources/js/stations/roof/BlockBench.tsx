import Button from '@mui/material/Button';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import { useTranslation } from 'react-i18next';
import type { Block, RoofSlice } from '../../contracts/roof';
import { Findings } from '../../bench/Findings';
import { NameField } from '../../bench/NameField';
import { useJob } from '../../job/JobContext';
import type { Pick } from '../../job/PickContext';
import { blocksOf } from '../../job/roofEdits';
import { allRound, editBlock, FORMS, putBlock, removeBlock, withForm } from './edits';
import { freshId } from '../../job/edits';
import { NumberField } from '../../tape/NumberField';
import { PitchField } from '../../tape/PitchField';
import { TapeField } from '../../tape/TapeField';
import { SOURCES, type Source } from '../../readings/sources';
import { Checks } from './Checks';
import { SIDES, type SideKey } from './blockGeometry';

/** What all of them are; null where they differ. */
const common = (values: number[]): number | null => (values.every((value) => value === values[0]) ? values[0] : null);

/** One block: its form, sizes, place, and what each side does. */
export function BlockBench({
    block,
    slice,
    onPick,
}: {
    block: Block;
    slice: RoofSlice | undefined;
    onPick: (pick: Pick | null) => void;
}) {
    const { t } = useTranslation();
    const { document: doc, edit, mayChange } = useJob();
    const change = (part: Partial<Block>) => edit((d) => editBlock(d, block.id, (block) => ({ ...block, ...part })));
    const off = !mayChange;
    const ids = [block.id, ...(slice?.faces ?? []).filter((face) => face.block === block.id).map((face) => face.id)];
    const findings = (slice?.findings ?? []).filter((finding) => ids.includes(finding.where));
    const copy = () => {
        const id = freshId(
            'B',
            blocksOf(doc).map((block) => block.id),
        );
        edit((d) =>
            putBlock(d, {
                ...block,
                id,
                name: t('roof.copy-of', { block: block.name }).slice(0, 120),
                x: block.x + 24,
                y: block.y - 24,
            }),
        );
        onPick({ kind: 'block', id });
    };
    return (
        <div className="stack" style={{ gap: 12 }}>
            <h1>{block.name}</h1>
            <NameField label={t('roof.name')} value={block.name} disabled={off} onChange={(name) => change({ name })} />
            <Findings findings={findings} />
            {mayChange && (
                <div className="rowed" role="group" aria-label={t('roof.form')}>
                    {FORMS.map((form) => (
                        <button
                            key={form}
                            type="button"
                            className="chip"
                            onClick={() => edit((d) => editBlock(d, block.id, (block) => withForm(block, form)))}
                        >
                            {t(`roof.form.${form}`)}
                        </button>
                    ))}
                </div>
            )}
            <Sizes block={block} onChange={change} />
            <Sides block={block} />
            <TextField
                select
                label={t('roof.source')}
                value={block.source ?? 'drawing'}
                disabled={off}
                helperText={t('roof.source-hint')}
                onChange={(event) => change({ source: event.target.value as Source })}
            >
                {SOURCES.map((source) => (
                    <MenuItem key={source} value={source}>
                        {t(`source.${source}`)}
                    </MenuItem>
                ))}
            </TextField>
            <Checks slice={slice} where={block.id} quantities={['eaveHeight']} />
            {mayChange && (
                <div className="rowed">
                    <Button variant="outlined" onClick={copy}>
                        {t('roof.copy')}
                    </Button>
                    <Button
                        color="error"
                        onClick={() => {
                            edit((d) => removeBlock(d, block.id));
                            onPick(null);
                        }}
                    >
                        {t('roof.remove')}
                    </Button>
                </div>
            )}
        </div>
    );
}

/** How large a block is, where it stands, and how far it is turned. */
function Sizes({ block, onChange }: { block: Block; onChange: (part: Partial<Block>) => void }) {
    const { t } = useTranslation();
    const { mayChange, units } = useJob();
    const off = !mayChange;
    return (
        <div className="pair">
            <TapeField
                label={t('roof.length')}
                value={block.length}
                units={units}
                least={12}
                disabled={off}
                onChange={(length) => onChange({ length })}
            />
            <TapeField
                label={t('roof.width')}
                value={block.width}
                units={units}
                least={12}
                disabled={off}
                onChange={(width) => onChange({ width })}
            />
            <TapeField
                label={t('roof.eave-height')}
                value={block.eaveHeight}
                units={units}
                disabled={off}
                onChange={(eaveHeight) => onChange({ eaveHeight })}
            />
            <NumberField
                label={t('roof.turned')}
                value={block.rotationDegrees ?? 0}
                least={-360}
                most={360}
                disabled={off}
                onChange={(rotationDegrees) => onChange({ rotationDegrees })}
            />
            <TapeField
                label={t('roof.x')}
                value={block.x}
                units={units}
                signed
                disabled={off}
                onChange={(x) => onChange({ x })}
            />
            <TapeField
                label={t('roof.y')}
                value={block.y}
                units={units}
                signed
                disabled={off}
                onChange={(y) => onChange({ y })}
            />
        </div>
    );
}

/** What each side does: all of them at once, and one by one. */
function Sides({ block }: { block: Block }) {
    const { t } = useTranslation();
    const { edit, mayChange, units } = useJob();
    const side = (key: SideKey, part: Partial<Block['sides']['south']>) =>
        edit((d) =>
            editBlock(d, block.id, (block) => ({
                ...block,
                sides: { ...block.sides, [key]: { ...block.sides[key], ...part } },
            })),
        );
    const gables = SIDES.filter((key) => block.sides[key].kind === 'gable').length;
    const off = !mayChange;
    return (
        <section>
            <h2 style={{ marginTop: 4 }}>{t('roof.sides')}</h2>
            <fieldset className="side">
                <legend>{t('roof.all-round')}</legend>
                <span />
                <PitchField
                    name={t('roof.rise-all', { units })}
                    label="roof.rise"
                    value={common(
                        SIDES.filter((key) => block.sides[key].kind === 'sloped').map(
                            (key) => block.sides[key].riseIn12 ?? 6,
                        ),
                    )}
                    disabled={off}
                    onChange={(riseIn12) =>
                        edit((d) => editBlock(d, block.id, (block) => allRound(block, { riseIn12 })))
                    }
                />
                <TapeField
                    name={t('roof.overhang-all')}
                    label={t('roof.overhang')}
                    value={common(SIDES.map((key) => block.sides[key].overhang ?? 0))}
                    units={units}
                    most={240}
                    disabled={off}
                    onChange={(overhang) =>
                        edit((d) => editBlock(d, block.id, (block) => allRound(block, { overhang })))
                    }
                />
            </fieldset>
            {SIDES.map((key) => {
                const own = block.sides[key];
                return (
                    <fieldset key={key} className="side">
                        <legend>{t(`side.${key}`)}</legend>
                        <TextField
                            select
                            label={t('roof.side-kind', { side: key })}
                            value={own.kind}
                            disabled={off || (own.kind === 'sloped' && gables === 3)}
                            onChange={(event) =>
                                side(
                                    key,
                                    event.target.value === 'gable'
                                        ? { kind: 'gable' }
                                        : { kind: 'sloped', riseIn12: own.riseIn12 ?? 6 },
                                )
                            }
                        >
                            <MenuItem value="sloped">{t('roof.sloped')}</MenuItem>
                            <MenuItem value="gable">{t('roof.gable')}</MenuItem>
                        </TextField>
                        {own.kind === 'sloped' ? (
                            <PitchField
                                name={t('roof.rise-of', { side: key, units })}
                                label="roof.rise"
                                value={own.riseIn12 ?? 6}
                                disabled={off}
                                onChange={(riseIn12) => side(key, { riseIn12 })}
                            />
                        ) : (
                            <span />
                        )}
                        <TapeField
                            name={t('roof.overhang-of', { side: key })}
                            label={t('roof.overhang')}
                            value={own.overhang ?? 0}
                            units={units}
                            most={240}
                            disabled={off}
                            onChange={(overhang) => side(key, { overhang })}
                        />
                    </fieldset>
                );
            })}
        </section>
    );
}
