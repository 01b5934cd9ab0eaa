import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import type { CutPanel, PieceLine } from '../../contracts/cutting';
import { useJob } from '../../job/JobContext';
import type { Mark } from './edits';
import { useJobTape } from '../../tape/JobTape';
import { Said } from '../../tape/Len';
import { TapeEntry } from '../../tape/TapeEntry';

interface AtASeamProps {
    line: PieceLine;
    panel: CutPanel;
    onTake: (mark: Mark) => void;
}

/** A point of an edge's line, taped up a seam from the eave. */
export function AtASeam({ line, panel, onTake }: AtASeamProps) {
    const { t } = useTranslation();
    const { units } = useJob();
    const print = useJobTape();
    const beside = line.seams.findIndex((seam) => seam.left === panel.name || seam.right === panel.name);
    const [picked, setPicked] = useState<number | null>(null);
    const at = picked ?? Math.max(0, beside);
    const seam = line.seams[at];
    if (!seam) return null;
    return (
        <details style={{ marginTop: 10 }}>
            <summary>{t('fit.or-seam')}</summary>
            <div className="stack" style={{ gap: 10, marginTop: 8 }}>
                <TextField
                    select
                    label={t('fit.seam')}
                    value={at}
                    onChange={(event) => setPicked(Number(event.target.value))}
                >
                    {line.seams.map(({ left, right }, i) => (
                        <MenuItem key={i} value={i}>
                            {t('fit.seam-between', { left, right })}
                        </MenuItem>
                    ))}
                </TextField>
                <p className="muted">
                    <Said
                        text={t('fit.seam-how', {
                            edge: t(`edge.${line.kind}`),
                            reads: print(seam.reads, 'nearest', true),
                        })}
                    />
                </p>
                <TapeEntry
                    label={t('fit.seam-up')}
                    units={units}
                    action={t('fit.take')}
                    onEnter={(v) => onTake({ u: seam.u, v })}
                />
            </div>
        </details>
    );
}
