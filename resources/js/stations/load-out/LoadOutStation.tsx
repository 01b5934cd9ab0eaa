import { useTranslation } from 'react-i18next';
import { usePlanSlice } from '../../api/queries';
import type { LoadOutSlice } from '../../contracts/load-out';
import { useJob } from '../../job/JobContext';
import { StationFrame } from '../../kit/StationFrame';
import { TapeStrip } from '../../tape/TapeStrip';
import { Bundles } from './Bundles';
import { LoadOutBench } from './LoadOutBench';

/** What do we order? */
export default function LoadOutStation() {
    const { t } = useTranslation();
    const job = useJob();
    const slice = usePlanSlice(job.id, 'load-out', job.revision).data;
    const has = slice !== undefined && slice.order.lines.length > 0;
    return (
        <StationFrame
            title={t('load.question')}
            isHere={slice !== undefined}
            none={has ? null : t('layout.no-face')}
            toSurvey
            bench={slice && <LoadOutBench slice={slice} />}
            tape={has && <LengthsTape slice={slice} />}
        >
            {has && <Bundles slice={slice} />}
        </StationFrame>
    );
}

/** Every length on one tape, the longest first. */
function LengthsTape({ slice }: { slice: LoadOutSlice }) {
    const { t } = useTranslation();
    const { lines } = slice.order;
    return (
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
    );
}
