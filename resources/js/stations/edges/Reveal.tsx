import Button from '@mui/material/Button';
import { useTranslation } from 'react-i18next';
import type { EdgeSection } from '../../contracts/edges';
import { wishEdge } from '../../job/edgeWish';
import { useJob } from '../../job/JobContext';
import { useJobTape } from '../../tape/JobTape';
import { TapeEntry } from '../../tape/TapeEntry';

/** How much bare pan one valley has from its centre to the panels, where it is not as the house does it. */
export function Reveal({ section }: { section: EdgeSection }) {
    const { t } = useTranslation();
    const { edit, mayChange, document, units } = useJob();
    const print = useJobTape();
    if (section.reveal === null || !mayChange) return null;
    const isOwn = document.edges?.[section.edge]?.reveal !== undefined;
    const set = (reveal: number | undefined) => edit((d) => wishEdge(d, section.edge, { reveal }));
    return (
        <section aria-label={t('edges.reveal')} className="stack" style={{ gap: 8, marginTop: 10 }}>
            <TapeEntry
                key={section.reveal}
                label={t('edges.reveal')}
                start={print(section.reveal)}
                units={units}
                action={t('sticks.set')}
                most={24}
                onEnter={set}
            />
            <p className="muted small">{t('edges.reveal-how')}</p>
            {isOwn && (
                <div className="rowed">
                    <Button variant="outlined" color="inherit" onClick={() => set(undefined)}>
                        {t('edges.reveal-house')}
                    </Button>
                </div>
            )}
        </section>
    );
}
