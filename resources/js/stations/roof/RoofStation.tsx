import Button from '@mui/material/Button';
import { useEffect, useState } from 'react';
import { useHotkeys } from 'react-hotkeys-hook';
import { useTranslation } from 'react-i18next';
import { useSearchParams } from '../../parts/router';
import type { Block } from '../../contracts/roof';
import { usePlanSlice } from '../../api/queries';
import { useJob } from '../../job/JobContext';
import { later } from '../../parts/later';
import { usePick } from '../../job/PickContext';
import { addBlock, blocksOf, newBlock, placePlane, putBlock, tiedTo } from '../../job/roofEdits';
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
        <>
            <main className="deck">
                <div className="deck-head">
                    {VIEWS.map((one) => (
                        <button
                            key={one}
                            type="button"
                            className="chip"
                            aria-pressed={one === view}
                            onClick={() => show(one)}
                        >
                            {t(`roof.view.${one}`)}
                        </button>
                    ))}
                    <span className="spacer" />
                    {job.mayChange && (
                        <Button variant="contained" onClick={add}>
                            {t('roof.add-block')}
                        </Button>
                    )}
                </div>
                {!slice && (
                    <p className="muted" role="status">
                        {t('loading')}
                    </p>
                )}
                {slice && slice.faces.length === 0 && blocks.length === 0 ? (
                    <p className="sheet">{t('roof.empty')}</p>
                ) : null}
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
            </main>
            <RoofBench slice={slice} pick={pick} onPick={setPick} draft={draft} />
            <RoofTape slice={slice} pick={pick} />
        </>
    );
}
