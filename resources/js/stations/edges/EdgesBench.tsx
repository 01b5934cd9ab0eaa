import Button from '@mui/material/Button';
import { useTranslation } from 'react-i18next';
import type { EdgeSection } from '../../contracts/edges';
import { tipPlaces } from '../../api/tips';
import { Findings } from '../../bench/Findings';
import { Tips } from '../../bench/Tips';
import { useJob } from '../../job/JobContext';
import { buildAll, buildEdge } from './buildEdits';
import { ContactBench } from './ContactBench';
import { CrewBuilds, KeepForCrew } from './CrewBuilds';
import { Len, Said } from '../../tape/Len';
import { LayerList } from './LayerList';
import { Reveal } from './Reveal';
import { useJobTape } from '../../tape/JobTape';

interface EdgesBenchProps {
    section: EdgeSection;
    on: number;
    picked: string | null;
    onPick: (layer: string) => void;
}

/** The build of one edge: its layers, whether it sheds, and what else it might be. */
export function EdgesBench({ section, on, picked, onPick }: EdgesBenchProps) {
    const { t } = useTranslation();
    const { edit, mayChange, document: doc } = useJob();
    const print = useJobTape();
    const others = section.choices.filter((one) => !one.chosen);
    const isOwn = doc.edges?.[section.edge]?.build !== undefined;
    return (
        <aside className="bench" aria-label={t('bench')}>
            <h1>{section.title}</h1>
            <p className="muted">
                {section.name} · <Len inches={section.length} />
            </p>
            <p style={{ marginTop: 4 }}>
                <Said text={section.why} />
            </p>
            <LayerList section={section} on={on} picked={picked} onPick={onPick} />
            <Reveal section={section} />
            {section.differs.length > 0 && (
                <section aria-label={t('edges.differs-title')} className="chalk-text">
                    <h2>{t('edges.differs-title')}</h2>
                    <ul className="plain">
                        {section.differs.map((said) => (
                            <li key={said}>
                                <Said text={said} />
                            </li>
                        ))}
                    </ul>
                </section>
            )}
            {section.sheds ? (
                <>
                    <div className="finding" data-severity="note">
                        {t('edges.sheds')}
                    </div>
                    <Findings findings={section.findings} />
                </>
            ) : (
                <>
                    <h2>{t('edges.leaks')}</h2>
                    <Findings findings={section.findings} />
                </>
            )}
            {mayChange && (isOwn || section.adapted) && (
                <div className="rowed">
                    {section.adapted && (
                        <Button
                            variant="outlined"
                            color="inherit"
                            onClick={() => edit((d) => buildEdge(d, section.edge, section.buildName))}
                        >
                            {t('edges.as-built')}
                        </Button>
                    )}
                    {isOwn && !section.adapted && (
                        <Button
                            variant="outlined"
                            color="inherit"
                            onClick={() => edit((d) => buildAll(d, section.kind, section.buildName, section.edge))}
                        >
                            {t('edges.use-all', { kind: section.kind })}
                        </Button>
                    )}
                    {isOwn && (
                        <Button
                            variant="outlined"
                            color="inherit"
                            onClick={() => edit((d) => buildEdge(d, section.edge, undefined))}
                        >
                            {t('edges.as-job')}
                        </Button>
                    )}
                </div>
            )}
            {mayChange && section.adapted && <KeepForCrew section={section} />}
            <ContactBench contact={section.contact} />
            {others.length > 0 && <h2>{t('edges.or')}</h2>}
            {others.map((one) => (
                <div key={one.name} className="card" data-choice={one.key}>
                    <div className="row">
                        <span>{one.title}</span>
                    </div>
                    <p>
                        <Said text={one.why} />
                    </p>
                    <p className="small">
                        {t('edges.choice-cost', {
                            layers: one.layers,
                            parts: one.parts,
                            length: print(one.length, 'up'),
                        })}
                    </p>
                    {mayChange && (
                        <div className="rowed" style={{ marginTop: 8 }}>
                            <Button
                                variant="outlined"
                                onClick={() => edit((d) => buildEdge(d, section.edge, one.name))}
                            >
                                {t('edges.use-here')}
                            </Button>
                            <Button
                                variant="outlined"
                                color="inherit"
                                onClick={() => edit((d) => buildAll(d, section.kind, one.name, section.edge))}
                            >
                                {t('edges.use-all', { kind: section.kind })}
                            </Button>
                        </div>
                    )}
                </div>
            ))}
            <CrewBuilds section={section} />
            <Tips places={tipPlaces('edges', [section.kind])} />
            <h2>{t('mind')}</h2>
            <p className="caution">{t('caution.edges')}</p>
        </aside>
    );
}
