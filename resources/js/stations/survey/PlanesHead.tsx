import Button from '@mui/material/Button';
import Menu from '@mui/material/Menu';
import MenuItem from '@mui/material/MenuItem';
import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import type { Plane } from '../../contracts/survey';
import { freshId } from '../../job/edits';
import { useJob } from '../../job/JobContext';
import { Chips } from '../../kit/Chips';
import { addPlane, putBehind, sharedBehind } from './edits';
import type { Shape } from './quantities';
import { useUsualEdges } from './useUsualEdges';

const OFFERED: Shape[] = ['rectangle', 'trapezoid', 'triangle', 'parallelogram', 'ell', 'free'];

interface PlanesHeadProps {
    planes: Plane[];
    plane: Plane | undefined;
    onPick: (id: string) => void;
    onBringIn: () => void;
}

/** The planes there are, and ways to more. */
export function PlanesHead({ planes, plane, onPick, onBringIn }: PlanesHeadProps) {
    const { t } = useTranslation();
    const job = useJob();
    const [adding, setAdding] = useState<HTMLElement | null>(null);
    const usualEdges = useUsualEdges();
    const add = (shape: Shape, behind: Plane | null) => {
        setAdding(null);
        const id = freshId(
            'P',
            planes.map((one) => one.id),
        );
        const name = behind
            ? t('survey.other-side-of', { plane: behind.name }).slice(0, 120)
            : t('survey.plane-number', { number: planes.length + 1 });
        job.edit((d) => {
            const added = addPlane(d, {
                id,
                name,
                ...(shape === 'rectangle' ? {} : { shape }),
                edges: usualEdges(shape),
                readings: [],
                ...(behind ? sharedBehind(behind) : {}),
            });
            return behind ? putBehind(added, id, behind.id) : added;
        });
        onPick(id);
    };
    return (
        <>
            <Chips all={planes.map((one) => ({ key: one.id, name: one.name }))} picked={plane?.id} onPick={onPick} />
            {job.mayChange && (
                <button
                    type="button"
                    className="chip"
                    aria-haspopup="menu"
                    onClick={(event) => setAdding(event.currentTarget)}
                >
                    {t('survey.add-plane')}
                </button>
            )}
            <Menu open={adding !== null} anchorEl={adding} onClose={() => setAdding(null)}>
                {OFFERED.map((shape) => (
                    <MenuItem key={shape} onClick={() => add(shape, null)}>
                        {t(`shape.${shape}`)}
                    </MenuItem>
                ))}
            </Menu>
            {job.mayChange && plane && hasFreeRidge(plane, planes) && (
                <button type="button" className="chip" onClick={() => add('rectangle', plane)}>
                    {t('survey.add-behind')}
                </button>
            )}
            <span className="spacer" />
            {job.mayChange && (
                <Button variant="outlined" color="inherit" onClick={onBringIn}>
                    {t('bring.open')}
                </Button>
            )}
        </>
    );
}

/** Whether another plane may lie on the far side of its ridge. */
const hasFreeRidge = (plane: Plane, planes: Plane[]): boolean =>
    !plane.ridgeWith &&
    (plane.shape ?? 'rectangle') === 'rectangle' &&
    !planes.some((one) => one.ridgeWith === plane.id);
