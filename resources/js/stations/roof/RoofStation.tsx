import Button from '@mui/material/Button';
import { useEffect, useState } from 'react';
import { useHotkeys } from 'react-hotkeys-hook';
import { useTranslation } from 'react-i18next';
import { useSearchParams } from '../../parts/router';
import type { Block } from '../../contracts/roof';
import { usePlanSlice } from '../../api/queries';
import { useJob } from '../../job/JobContext';
import { Chips } from '../../kit/Chips';
import { StationFrame } from '../../kit/StationFrame';
import { later } from '../../parts/later';
import { usePick } from '../../job/PickContext';
import { blocksOf } from '../../job/roofEdits';
import { addBlock, newBlock, placePlane, putBlock, tiedTo } from './edits';
import { PlanDrawing } from './PlanDrawing';
import { RoofBench } from './RoofBench';
import { RoofStill } from './RoofStill';
import { RoofTable } from './RoofTable';
import { RoofTape } from './RoofTape';
import { footprintOf } from './blockGeometry';

const RoofSpace = later('round', () => import('./RoofSpace'), null, true);

const VIEWS = ['plan', 'space', 'still', 'table'] as const;
type View = (typeof VIEWS)[number];

/** What shape is it? */
export default function RoofStation() {
    const { t } = useTranslation();
    const job = useJob();
    const { pick, setPick } = usePick();
    const [params, setParams] = useSearchParams();
    const [draft, setDraft] = useState<Block | null>(null);
    const slice = usePlanSlice(job.id, 'roof', job.revision).data;
    const view = VIEWS.find((view) => view === params.get('view')) ?? 'plan';
    const space = usePlanSlice(job.id, 'space', job.revision, null, view === 'space').data;
    const wanted = params.get('block');
    useEffect(() => {
        if (wanted) setPick({ kind: 'block', id: wanted });
    }, [wanted, setPick]);
    const show = (next: View) => setParams(next === 'plan' ? {} : { view: next }, { replace: true });
    const blocks = blocksOf(job.document);

    const add = () => {
        const east =
            blocks.length === 0 ? 0 : Math.max(...blocks.flatMap((block) => footprintOf(block).map(([x]) => x))) + 60;
        const block = newBlock(
            job.document,
            t('roof.block-number', { number: blocks.length + 1 }),
            Math.ceil(east / 12) * 12,
            0,
        );
        job.edit((d) => addBlock(d, block));
        setPick({ kind: 'block', id: block.id });
        // Typing may go on at once with its name and sizes.
        requestAnimationFrame(() => document.querySelector<HTMLInputElement>('.bench input')?.focus());
    };
    useHotkeys('b', () => {
        if (job.mayChange) add();
    });
    useHotkeys('v', () => show(VIEWS[(VIEWS.indexOf(view) + 1) % VIEWS.length]));
    useHotkeys('escape', () => setPick(null));

    return (
        <StationFrame
            title={t('station.roof')}
            head={
                <>
                    <Chips
                        all={VIEWS.map((one) => ({ key: one, name: t(`roof.view.${one}`) }))}
                        picked={view}
                        onPick={show}
                    />
                    <span className="spacer" />
                    {job.mayChange && (
                        <Button variant="contained" onClick={add}>
                            {t('roof.add-block')}
                        </Button>
                    )}
                </>
            }
            isHere={slice !== undefined}
            none={slice?.faces.length === 0 && blocks.length === 0 ? t('roof.empty') : null}
            bench={<RoofBench slice={slice} pick={pick} onPick={setPick} draft={draft} />}
            tape={<RoofTape slice={slice} pick={pick} />}
        >
            {slice && view === 'plan' && (
                <PlanDrawing
                    slice={slice}
                    blocks={blocks}
                    pick={pick}
                    onPick={setPick}
                    mayChange={job.mayChange}
                    draft={draft}
                    onDraft={setDraft}
                    onPut={(block) => job.edit((d) => putBlock(d, block))}
                    tied={(face) => tiedTo(job.document, face)}
                    onPlace={(face, x, y) => job.edit((d) => placePlane(d, face, x, y))}
                />
            )}
            {slice && view === 'space' && (
                <RoofSpace slice={slice} space={space} pick={pick} onPick={setPick} onStill={() => show('still')} />
            )}
            {slice && view === 'still' && <RoofStill slice={slice} pick={pick} onPick={setPick} />}
            {slice && view === 'table' && <RoofTable slice={slice} pick={pick} onPick={setPick} />}
        </StationFrame>
    );
}
