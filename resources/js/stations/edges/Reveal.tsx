import Button from '@mui/material/Button';
import { useTranslation } from 'react-i18next';
import type { EdgeSection } from '../../contracts/edges';
import { wishEdge } from '../../job/edgeWish';
import { useJob } from '../../job/JobContext';
import { TapeField } from '../../tape/TapeField';

/** How much bare pan one valley has from its centre to the panels, where it is not as the house does it. */
export function Reveal({ section }: { section: EdgeSection }) {
    const { t } = useTranslation();
    const { edit, mayChange, document, units } = useJob();
    if (section.reveal === null) return null;
    const isOwn = document.edges?.[section.edge]?.reveal !== undefined;
    const set = (reveal: number | undefined) => edit((d) => wishEdge(d, section.edge, { reveal }));
    return (
        <section aria-label={t('edges.reveal')} className="stack" style={{ gap: 8, margin: '14px 0' }}>
            <TapeField
                label={t('edges.reveal')}
                value={section.reveal}
                units={units}
                least={0.25}
                most={24}
                disabled={!mayChange}
                onChange={set}
            />
            <p className="muted small">{t('edges.reveal-how')}</p>
            {isOwn && mayChange && (
                <div className="rowed">
                    <Button variant="outlined" color="inherit" onClick={() => set(undefined)}>
                        {t('edges.reveal-house')}
                    </Button>
                </div>
            )}
        </section>
    );
}
