import { useTranslation } from 'react-i18next';
import type { PlanFinding } from '../contracts/plan';
import { Said } from '../tape/Len';

/** What is to settle, the gravest first. */
export function Findings({ findings }: { findings: PlanFinding[] }) {
    const { t } = useTranslation();
    if (findings.length === 0) return null;
    const gravity = { block: 0, settle: 1, note: 2 };
    const sorted = [...findings].sort((a, b) => gravity[a.severity] - gravity[b.severity]);
    const title = t(sorted.some((finding) => finding.severity !== 'note') ? 'findings.settle' : 'findings.note');
    return (
        <section aria-label={title}>
            <h2>{title}</h2>
            {sorted.map((finding, i) => (
                <div key={`${finding.code}${i}`} className="finding" data-severity={finding.severity}>
                    <span className="visually-hidden">{t(`severity.${finding.severity}`)}: </span>
                    <Said text={finding.message} />
                </div>
            ))}
        </section>
    );
}
