import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import { ApiError } from '../../api/client';
import { useCrewBuilds } from '../../api/crewBuilds';
import type { OwnBuild } from '../../contracts/builds';
import type { EdgeSection } from '../../contracts/edges';
import { buildAll, buildEdge, nameOf, takeCrewBuild } from './buildEdits';
import { useJob } from '../../job/JobContext';

/** Builds the crew keeps for such an edge, to be used in this job. */
export function CrewBuilds({ section }: { section: EdgeSection }) {
    const { t } = useTranslation();
    const { edit, mayChange } = useJob();
    const { builds, takeDown } = useCrewBuilds();
    const known = section.choices.map((one) => one.name);
    const fitting = builds.filter(
        ({ edge, fixings, definition }) =>
            edge === section.kind && fixings.includes(section.fixing) && !known.includes(nameOf(definition)),
    );
    if (!mayChange || fitting.length === 0) return null;
    const take = (build: OwnBuild, all: boolean) =>
        edit((d) => {
            const next = takeCrewBuild(d, build);
            return all
                ? buildAll(next, section.kind, nameOf(build), section.edge)
                : buildEdge(next, section.edge, nameOf(build));
        });
    return (
        <section aria-label={t('edges.crew')}>
            <h2>{t('edges.crew')}</h2>
            {fitting.map(({ id, definition }) => (
                <div key={id} className="card" data-crew-build={definition.key}>
                    <div className="row">
                        <span>{definition.title}</span>
                        <span className="muted">{t('edges.version', { version: definition.version ?? 1 })}</span>
                    </div>
                    <div className="rowed" style={{ marginTop: 8 }}>
                        <Button variant="outlined" onClick={() => take(definition, false)}>
                            {t('edges.use-here')}
                        </Button>
                        <Button variant="outlined" color="inherit" onClick={() => take(definition, true)}>
                            {t('edges.use-all', { kind: section.kind })}
                        </Button>
                        <button type="button" className="linkish" onClick={() => void takeDown(id)}>
                            {t('edges.crew-forget')}
                        </button>
                    </div>
                </div>
            ))}
        </section>
    );
}

/** Keeps the layers of this edge as a build of the crew, and builds the edge by it. */
export function KeepForCrew({ section }: { section: EdgeSection }) {
    const { t } = useTranslation();
    const { edit } = useJob();
    const { keep } = useCrewBuilds();
    const [title, setTitle] = useState('');
    const [fault, setFault] = useState<string | null>(null);
    return (
        <details>
            <summary className="linkish">{t('edges.keep-crew')}</summary>
            <form
                className="stack"
                style={{ gap: 10, marginTop: 8 }}
                onSubmit={(event) => {
                    event.preventDefault();
                    setFault(null);
                    keep({ ...section.crewBuild, title: title.trim() }).then(
                        (build) => edit((d) => buildEdge(takeCrewBuild(d, build), section.edge, nameOf(build))),
                        (error: unknown) =>
                            setFault(
                                error instanceof ApiError
                                    ? (error.faults[0]?.message ?? t('form.failed'))
                                    : t('job.not-reached'),
                            ),
                    );
                }}
            >
                <TextField
                    label={t('edges.crew-title')}
                    value={title}
                    onChange={(event) => setTitle(event.target.value)}
                    slotProps={{ htmlInput: { maxLength: 60 } }}
                />
                {fault && (
                    <p className="stop" role="alert">
                        {fault}
                    </p>
                )}
                <Button type="submit" variant="outlined" disabled={title.trim() === ''}>
                    {t('edges.crew-keep')}
                </Button>
            </form>
        </details>
    );
}
