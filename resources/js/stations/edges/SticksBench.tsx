import { listed } from '../../words/lists';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import { useTranslation } from 'react-i18next';
import { SchoolCard } from '../../kit/SchoolCard';
import { useMeasures } from '../../tape/measures';
import type { StickLot, SticksSlice, TrimRun } from '../../contracts/edges';
import { Findings } from '../../bench/Findings';
import { useJob } from '../../job/JobContext';
import { CutTick } from './CutTick';
import { divideBy, lapBy, seenFrom } from './trimEdits';
import { useJobTape } from '../../tape/JobTape';
import { Len, Said } from '../../tape/Len';
import { TapeEntry } from '../../tape/TapeEntry';
import { ShapeForm } from './ShapeForm';
import { StockEntry } from './StockEntry';
import { TrimSketch } from './TrimSketch';

interface SticksBenchProps {
    slice: SticksSlice;
    run: TrimRun;
    lot: StickLot;
}

/** A run of trim: its pieces, what its kind is cut from, how else it might be divided. */
export function SticksBench({ slice, run, lot }: SticksBenchProps) {
    const { t } = useTranslation();
    const measure = useMeasures();
    const { edit, mayChange, units } = useJob();
    const print = useJobTape();
    return (
        <aside className="bench" aria-label={t('bench')}>
            <h1>{run.name}</h1>
            <p className="muted">
                {run.edgeName} · <Len inches={run.edgeLength} />
            </p>
            <p style={{ marginTop: 4 }}>{t('sticks.ends', { low: run.low, high: run.high })}</p>
            <ol className="layers" style={{ marginTop: 10 }} aria-label={t('sticks.run-of')}>
                {run.pieces.map((piece) => (
                    <li
                        key={piece.id}
                        data-row={piece.id}
                        style={{ display: 'flex', gap: 12, padding: '2px 4px', alignItems: 'center' }}
                    >
                        <b className="number">{piece.number}</b>
                        <span style={{ flex: '1 1 auto' }}>
                            <b>
                                <Len inches={piece.length} />
                            </b>
                            <span className="muted"> · {piece.said}</span>
                            {piece.was && <span className="stop"> · {piece.was}</span>}
                        </span>
                        <CutTick piece={piece} name={piece.number} />
                    </li>
                ))}
            </ol>
            <TrimSketch run={run} />
            <h2>{lot.name}</h2>
            <p>
                {t('sticks.all', { pieces: lot.pieces, sticks: lot.used })};{' '}
                {t('sticks.proven', { proven: lot.proven ? 'yes' : 'no', bound: lot.bound })}.
            </p>
            <p className="muted">{t('sticks.counted', { count: lot.counted })}</p>
            <p className="muted">
                <Said text={t('sticks.sheet', { count: lot.perSheet, sheet: print(lot.sheet, 'nearest', true) })} />
                {lot.pounds !== null && ` ${measure('weight', lot.pounds)}.`}
            </p>
            <p className="muted">
                {lot.kept.length === 0
                    ? t('sticks.kept-none')
                    : t('sticks.kept', {
                          lengths: listed(
                              t,
                              lot.kept.map((one) =>
                                  t('sticks.closure', { count: one.count, length: print(one.length) }),
                              ),
                          ),
                      })}
            </p>
            {lot.schools.length > 0 && (
                <section aria-label={t('sticks.school')}>
                    <h2>{t('sticks.school')}</h2>
                    {lot.schools.map((school) => (
                        <SchoolCard
                            key={school.key}
                            school={school.key}
                            name={t(`sticks.school.${school.key}`)}
                            beside={<span>{t('sticks.of', { used: school.sticks })}</span>}
                            chosen={school.chosen}
                            disabled={!mayChange}
                            onChoose={() => edit((d) => divideBy(d, lot.shape, school.key))}
                        />
                    ))}
                </section>
            )}
            {mayChange && (
                <div className="stack" style={{ gap: 12, marginTop: 12 }}>
                    <TapeEntry
                        key={`${lot.shape} ${lot.lap}`}
                        label={t('sticks.lap-set')}
                        start={print(lot.lap)}
                        units={units}
                        action={t('sticks.set')}
                        most={24}
                        onEnter={(lap) => edit((d) => lapBy(d, lot.shape, lap))}
                    />
                    <StockEntry key={lot.shape} lot={lot} />
                    <details>
                        <summary>{t(lot.isOwn ? 'bent.own' : 'bent.title')}</summary>
                        <ShapeForm key={JSON.stringify([lot.shape, lot.as])} lot={lot} />
                    </details>
                </div>
            )}
            <Besides slice={slice} />
            {mayChange && slice.viewpoints.length > 0 && <SeenFrom slice={slice} />}
            <Findings findings={slice.findings} />
            <h2>{t('mind')}</h2>
            <p className="caution">{t('caution.edges')}</p>
        </aside>
    );
}

/** What else the edges take: closures, cut and not, and what comes by the roll and the box. */
function Besides({ slice }: { slice: SticksSlice }) {
    const { t } = useTranslation();
    const print = useJobTape();
    return (
        <>
            {slice.closures.length > 0 && (
                <section aria-label={t('sticks.closures')}>
                    <h2>{t('sticks.closures')}</h2>
                    {slice.closures.map((closure) => (
                        <details key={closure.name}>
                            <summary>
                                {closure.name}: {closure.count}
                            </summary>
                            <ul className="plain" style={{ columns: 2 }}>
                                {closure.lengths.map((one) => (
                                    <li key={one.length}>
                                        {t(one.cut ? 'sticks.closure-cut' : 'sticks.closure', {
                                            count: one.count,
                                            length: print(one.length),
                                        })}
                                    </li>
                                ))}
                            </ul>
                        </details>
                    ))}
                </section>
            )}
            {slice.supplies.length > 0 && (
                <details>
                    <summary>{t('sticks.supplies')}</summary>
                    <ul className="plain">
                        {slice.supplies.map((one) => (
                            <li key={one.name}>
                                {one.name}: <Said text={one.said} />
                            </li>
                        ))}
                    </ul>
                </details>
            )}
        </>
    );
}

/** From where the roof is mostly seen, so that laps look away. */
function SeenFrom({ slice }: { slice: SticksSlice }) {
    const { t } = useTranslation();
    const { document, edit } = useJob();
    const chosen = slice.viewpoints.find((one) => one.chosen)?.side;
    const seen = chosen ?? (document.trims?.viewpoint ? 'own' : 'none');
    return (
        <TextField
            select
            label={t('sticks.seen')}
            value={seen}
            helperText={t('sticks.seen-how')}
            style={{ marginTop: 14 }}
            onChange={(event) => {
                const at = slice.viewpoints.find((one) => one.side === event.target.value)?.at;
                edit((d) => seenFrom(d, at as [number, number] | undefined));
            }}
        >
            <MenuItem value="none">{t('sticks.seen.none')}</MenuItem>
            {slice.viewpoints.map((one) => (
                <MenuItem key={one.side} value={one.side}>
                    {one.name}
                </MenuItem>
            ))}
            {seen === 'own' && <MenuItem value="own">{t('sticks.seen.own')}</MenuItem>}
        </TextField>
    );
}
