import { useTranslation } from 'react-i18next';
import { useMeasures, usePitch } from '../../tape/measures';
import { Link } from '../../parts/router';
import type { RoofFace, RoofSlice } from '../../contracts/roof';
import { DeckField } from '../../bench/DeckField';
import { Findings } from '../../bench/Findings';
import { usePlanSlice } from '../../api/queries';
import { useJob } from '../../job/JobContext';
import { usePick, type Pick } from '../../job/PickContext';
import { blocksOf } from '../../job/roofEdits';
import { placePlane } from './edits';
import { Len } from '../../tape/Len';
import { TapeField } from '../../tape/TapeField';
import { Checks } from './Checks';

/** One face: pitch, size, and every edge it ends at. */
export function FaceBench({ face, slice, onPick }: { face: RoofFace; slice: RoofSlice; onPick: (pick: Pick) => void }) {
    const { t } = useTranslation();
    const pitch = usePitch();
    const measure = useMeasures();
    const job = useJob();
    const block = blocksOf(job.document).find((block) => block.id === face.block);
    const edges = slice.edges.filter((edge) => edge.faces.includes(face.id));
    const { pick } = usePick();
    const space = usePlanSlice(job.id, 'space', job.revision, null, pick?.panel !== undefined).data;
    const panel = space?.faces.flatMap(({ panels }) => panels).find(({ id }) => id === pick?.panel);
    const [west, south] = [0, 1].map((axis) => Math.min(...face.planOutline.map((corner) => corner[axis])));
    const vs = face.outline.map(([, v]) => v);
    return (
        <>
            <h1>{face.name}</h1>
            <p className="muted">
                {t('roof.face-line', {
                    pitch: pitch(face.riseIn12),
                    factor: Math.round(face.slopeFactor * 1e5) / 1e5,
                })}
            </p>
            <p className="big" style={{ margin: '4px 0 2px' }}>
                {t('roof.square-feet', { area: measure('area', face.areaSquareFeet, 1) })}
            </p>
            <p className="muted">
                {t('roof.longest-run')} <Len inches={Math.max(...vs) - Math.min(...vs)} />
            </p>
            {panel && (
                <p style={{ marginTop: 8 }}>
                    {t('roof.piece')} <b>{panel.name}</b>{' '}
                    <Link to={`/jobs/${job.id}/cuts?piece=${panel.id}`}>{t('roof.piece-card')}</Link>
                </p>
            )}
            <div className="rowed" style={{ marginTop: 8 }}>
                {block && (
                    <button type="button" className="chip" onClick={() => onPick({ kind: 'block', id: block.id })}>
                        {t('roof.its-block', { block: block.name })}
                    </button>
                )}
                {!face.block && (
                    <Link
                        className="chip"
                        style={{ textDecoration: 'none' }}
                        to={`/jobs/${job.id}/survey?plane=${face.id}`}
                    >
                        {t('roof.its-readings')}
                    </Link>
                )}
                <Link
                    className="chip"
                    style={{ textDecoration: 'none' }}
                    to={`/jobs/${job.id}/layout?face=${encodeURIComponent(face.id)}`}
                >
                    {t('roof.its-layout')}
                </Link>
            </div>
            {!face.block && (
                <>
                    <h2>{t('roof.place')}</h2>
                    <div className="pair">
                        <TapeField
                            label={t('roof.x')}
                            value={west}
                            units={job.units}
                            signed
                            most={120000}
                            disabled={!job.mayChange}
                            onChange={(x) => job.edit((d) => placePlane(d, face.id, x, south))}
                        />
                        <TapeField
                            label={t('roof.y')}
                            value={south}
                            units={job.units}
                            signed
                            most={120000}
                            disabled={!job.mayChange}
                            onChange={(y) => job.edit((d) => placePlane(d, face.id, west, y))}
                        />
                    </div>
                </>
            )}
            <Findings findings={slice.findings.filter((finding) => finding.where === face.id)} />
            <div style={{ marginTop: 12 }}>
                <DeckField face={face.id} />
            </div>
            <h2>{t('roof.edges')}</h2>
            <table className="plain">
                <thead>
                    <tr>
                        <th>{t('roof.edge')}</th>
                        <th className="n">{t('roof.true-length')}</th>
                        <th className="n">{t('roof.to-rib')}</th>
                    </tr>
                </thead>
                <tbody>
                    {edges.map((edge) => (
                        <tr key={edge.id}>
                            <th scope="row">
                                <button
                                    type="button"
                                    className="linkish"
                                    onClick={() => onPick({ kind: 'edge', id: edge.id })}
                                >
                                    {t(`edge.${edge.kind}`)}
                                </button>
                            </th>
                            <td className="n">
                                <b>
                                    <Len inches={edge.length} />
                                </b>
                            </td>
                            <td className="n">
                                {t('degrees', { degrees: Math.round(edge.angleToRibDegrees[face.id] * 10) / 10 })}
                            </td>
                        </tr>
                    ))}
                </tbody>
            </table>
            {face.block && <Checks slice={slice} where={face.id} quantities={['eaveToRidge', 'pitch']} />}
        </>
    );
}
