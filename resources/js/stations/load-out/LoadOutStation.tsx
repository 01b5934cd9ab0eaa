import { useTranslation } from 'react-i18next';
import { Link } from '../../parts/router';
import { usePlanSlice } from '../../api/queries';
import { useJob } from '../../job/JobContext';
import { TapeStrip } from '../../tape/TapeStrip';
import { Bundles } from './Bundles';
import { LoadOutBench } from './LoadOutBench';

/** What do we order? */
export default function LoadOutStation() {
    const { t } = useTranslation();
    const job = useJob();
    const slice = usePlanSlice(job.id, 'load-out', job.revision).data;
    const lines = slice?.order.lines ?? [];
    return (
        <>
            <main className="deck">
                {slice && lines.length === 0 && (
                    <p className="sheet">
                        {t('layout.no-face')} <Link to={`/jobs/${job.id}/survey`}>{t('layout.to-survey')}</Link>
                    </p>
                )}
                {slice && lines.length > 0 && <Bundles slice={slice} />}
            </main>
            {slice ? (
                <LoadOutBench slice={slice} />
            ) : (
                <aside className="bench" aria-label={t('bench')}>
                    <h1>{t('load.question')}</h1>
                </aside>
            )}
            {lines.length > 0 && (
                <TapeStrip
                    title={t('load.tape')}
                    hint={t('load.tape-hint')}
                    from={0}
                    to={lines[0].length + 6}
                    marks={lines.map((line, i) => ({
                        at: line.length,
                        tone: i === 0 ? 'chalk' : 'ink',
                        strong: i === 0,
                        label: `${line.quantity} ×`,
                    }))}
                    room={1}
                />
            )}
        </>
    );
}
