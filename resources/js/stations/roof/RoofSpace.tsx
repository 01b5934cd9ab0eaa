import { useEffect, useRef, useState, type KeyboardEvent } from 'react';
import { useTranslation } from 'react-i18next';
import type { RoofSlice } from '../../contracts/roof';
import type { Pick } from '../../job/PickContext';
import type { SpaceSlice } from '../../contracts/layout';
import { RoofScene, type Seen } from './RoofScene';

interface RoofSpaceProps {
    slice: RoofSlice;
    /** Seams, pieces and openings; they come after the faces. */
    space: SpaceSlice | undefined;
    pick: Pick | null;
    onPick: (pick: Pick | null) => void;
    onStill: () => void;
}

/** Degrees the roof turns for one press of an arrow key. */
const TURN = 7.5;

/** The roof in three dimensions: turned with mouse, finger or arrow keys; faces and edges are picked in it. */
export default function RoofSpace({ slice, space, pick, onPick, onStill }: RoofSpaceProps) {
    const { t } = useTranslation();
    const box = useRef<HTMLDivElement>(null);
    const stage = useRef<RoofScene | null>(null);
    const picked = useRef(onPick);
    const [failed, setFailed] = useState(false);
    const [seen, setSeen] = useState<Seen>({ bearing: 215, above: 30 });
    useEffect(() => {
        picked.current = onPick;
    }, [onPick]);
    useEffect(() => {
        if (!box.current) return undefined;
        try {
            const own = new RoofScene(box.current, (one) => picked.current(one), setSeen);
            stage.current = own;
            return () => {
                stage.current = null;
                own.close();
            };
        } catch {
            // Told a moment later: the drawing's own box has to be there for the next try.
            const told = setTimeout(() => setFailed(true));
            return () => clearTimeout(told);
        }
    }, []);
    useEffect(() => {
        stage.current?.show(slice, space);
        stage.current?.mark(pick);
    }, [slice, space, pick]);
    const keys = (event: KeyboardEvent) => {
        const way = (
            { ArrowLeft: [-TURN, 0], ArrowRight: [TURN, 0], ArrowUp: [0, -TURN], ArrowDown: [0, TURN] } as Record<
                string,
                [number, number]
            >
        )[event.key];
        if (way) stage.current?.turn(...way);
        else if (event.key === '+' || event.key === '=') stage.current?.nearer(0.88);
        else if (event.key === '-') stage.current?.nearer(1.14);
        else if (event.key === 'Home') stage.current?.front();
        else return;
        event.preventDefault();
    };
    if (failed)
        return (
            <p className="sheet">
                {t('roof.no-space')}{' '}
                <button type="button" className="linkish" onClick={onStill}>
                    {t('roof.view.still')}
                </button>
            </p>
        );
    return (
        <>
            <div
                className="drawing"
                ref={box}
                role="application"
                tabIndex={0}
                aria-label={t('roof.space', { faces: slice.faces.length })}
                aria-describedby="space-keys"
                onKeyDown={keys}
                data-testid="space"
            />
            <p className="muted small" id="space-keys">
                <span role="status" data-testid="seen">
                    {t('roof.seen', { ...seen })}
                </span>{' '}
                {t('roof.space-keys')}
            </p>
        </>
    );
}
