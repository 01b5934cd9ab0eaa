import { beside } from '../../words/lists';
import type { ReactNode } from 'react';
import { useTranslation } from 'react-i18next';
import { SchoolCard } from '../../kit/SchoolCard';
import type { HeldFace, HoldDownSlice } from '../../contracts/hold-down';
import { Choice } from '../../bench/Choice';
import { Findings } from '../../bench/Findings';
import { useJob } from '../../job/JobContext';
import { holdFace, holdJob } from './edits';
import { Said } from '../../tape/Len';
import { MeasureField } from '../../tape/MeasureField';
import { TapeEntry } from '../../tape/TapeEntry';
import { Allowables } from './Allowables';
import { Purlins } from './Purlins';
import { WindForm } from './WindForm';

const SCREWS = ['2', '3'] as const;

interface HoldBenchProps {
    slice: HoldDownSlice;
    held: HeldFace;
    hem: ReactNode;
    snow: ReactNode;
}

/** The schools compared, what pulls, with what the panels are held. */
export function HoldBench({ slice, held, hem, snow }: HoldBenchProps) {
    const { t } = useTranslation();
    const { document, edit, mayChange, units } = useJob();
    const own = document.holdDown?.faces?.[held.id];
    const put = (school: HeldFace['schools'][number]['key']) =>
        edit((d) => (own ? holdFace(d, held.id, { ...own, school }) : holdJob(d, 'school', school)));
    return (
        <aside className="bench" aria-label={t('bench')}>
            <h1>{t('hold.title')}</h1>
            <p className="muted">{held.said}</p>
            {held.weakest && <p style={{ marginTop: 6 }}>{held.weakest.said}</p>}
            {held.schools.length > 0 && (
                <section aria-label={t('hold.school')} style={{ marginTop: 10 }}>
                    {held.schools.map((school) => (
                        <SchoolCard
                            key={school.key}
                            school={school.key}
                            name={school.name}
                            beside={
                                school.ratio !== null && (
                                    <span className={school.over > 0 ? 'stop' : ''}>
                                        {beside(t, [
                                            t('hold.ratio', { ratio: school.ratio }),
                                            school.over > 0 && t('hold.over', { count: school.over }),
                                        ])}
                                    </span>
                                )
                            }
                            chosen={school.chosen}
                            disabled={!mayChange}
                            onChoose={() => put(school.key)}
                        >
                            <span className="muted small">
                                {school.how} {school.said}
                            </span>
                        </SchoolCard>
                    ))}
                    <label className="rowed" style={{ marginTop: 6 }}>
                        <input
                            type="checkbox"
                            checked={own !== undefined}
                            disabled={!mayChange}
                            onChange={(event) =>
                                edit((d) =>
                                    holdFace(
                                        d,
                                        held.id,
                                        event.target.checked
                                            ? { school: held.schools.find((one) => one.chosen)?.key ?? 'uniform' }
                                            : undefined,
                                    ),
                                )
                            }
                        />
                        {t('hold.this-face')}
                    </label>
                </section>
            )}
            {held.rowCounts.length > 0 && (
                <ul className="plain" style={{ marginTop: 10 }}>
                    {held.rowCounts.map((row) => (
                        <li key={row.name}>
                            {row.name}: {row.count}
                        </li>
                    ))}
                </ul>
            )}
            {held.notes.map((note) => (
                <p key={note} className="small" style={{ marginTop: 6 }}>
                    <Said text={note} />
                </p>
            ))}
            {held.purlins && <Purlins key={held.id} held={held} />}
            {hem}
            <WindForm key={JSON.stringify(document.wind?.pressures ?? null)} slice={slice} />
            {held.clip && (
                <section aria-label={t('hold.clip-kind')}>
                    <h2>{t('hold.clip-kind')}</h2>
                    <p className="muted small">{held.clip.said}</p>
                    <div className="stack" style={{ gap: 12, marginTop: 8 }}>
                        <Choice
                            label={t('hold.clip-kind')}
                            value={held.clip.key}
                            options={slice.clips.map((one) => ({ value: one.key, name: one.name }))}
                            onChange={(clip) =>
                                edit((d) => holdJob(d, 'clip', clip as NonNullable<typeof d.holdDown>['clip']))
                            }
                        />
                        <Choice
                            label={t('hold.screws')}
                            value={String(held.screwsAClip) as (typeof SCREWS)[number]}
                            options={SCREWS.map((value) => ({ value, name: value }))}
                            onChange={(screws) => edit((d) => holdJob(d, 'screws', Number(screws) as 2 | 3))}
                        />
                        <MeasureField
                            label="hold.allowable"
                            what="force"
                            value={document.holdDown?.allowable ?? null}
                            least={1}
                            most={2000}
                            disabled={!mayChange}
                            onChange={(allowable) => edit((d) => holdJob(d, 'allowable', allowable))}
                            onEmpty={() => edit((d) => holdJob(d, 'allowable', undefined))}
                        />
                        <p className="muted small">{t('hold.allowable-how')}</p>
                        {mayChange && (
                            <TapeEntry
                                label={t('hold.spacing')}
                                units={units}
                                action={t('hold.set')}
                                most={60}
                                onEnter={(spacing) => edit((d) => holdJob(d, 'spacing', spacing))}
                            />
                        )}
                    </div>
                </section>
            )}
            {snow}
            <Allowables slice={slice} />
            <Findings findings={slice.findings} />
            <h2>{t('mind')}</h2>
            <p className="caution">{t('caution.hold')}</p>
        </aside>
    );
}
