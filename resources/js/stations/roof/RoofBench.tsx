import { useTranslation } from 'react-i18next';
import type { Block, RoofSlice } from '../../contracts/roof';
import { tipPlaces } from '../../api/tips';
import { Tips } from '../../bench/Tips';
import { useJob } from '../../job/JobContext';
import type { Pick } from '../../job/PickContext';
import { blocksOf } from '../../job/roofEdits';
import { BlockBench } from './BlockBench';
import { EdgeBench } from './EdgeBench';
import { FaceBench } from './FaceBench';
import { WholeBench } from './WholeBench';

interface RoofBenchProps {
    slice: RoofSlice | undefined;
    pick: Pick | null;
    onPick: (pick: Pick | null) => void;
    draft: Block | null;
}

/** What is picked: the block, the face, the edge, or the whole roof. */
export function RoofBench({ slice, pick, onPick, draft }: RoofBenchProps) {
    const { t } = useTranslation();
    const job = useJob();
    const block = blocksOf(job.document).find((block) => pick?.kind === 'block' && block.id === pick.id);
    const face = slice?.faces.find((face) => pick?.kind === 'face' && face.id === pick.id);
    const edge = slice?.edges.find((edge) => pick?.kind === 'edge' && edge.id === pick.id);
    return (
        <aside className="bench" aria-label={t('bench')}>
            {block || face || edge ? (
                <button type="button" className="linkish" onClick={() => onPick(null)}>
                    ← {t('roof.whole')}
                </button>
            ) : null}
            {block ? (
                <BlockBench
                    key={block.id}
                    block={draft?.id === block.id ? draft : block}
                    slice={slice}
                    onPick={onPick}
                />
            ) : face && slice ? (
                <FaceBench key={face.id} face={face} slice={slice} onPick={onPick} />
            ) : edge && slice ? (
                <EdgeBench key={edge.id} edge={edge} slice={slice} onPick={onPick} />
            ) : (
                <WholeBench slice={slice} onPick={onPick} />
            )}
            <Tips places={tipPlaces('roof', edge ? [edge.kind] : face?.edges)} />
            <h2>{t('mind')}</h2>
            <p className="caution">{t('caution.roof')}</p>
        </aside>
    );
}
