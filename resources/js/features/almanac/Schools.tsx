import { SEVERITY_WORD } from '@/design/Severity'
import type { AlmanacData } from './api'

/** The schools side by side: their answers to the questions on which practitioners disagree. */
export function Schools({ almanac }: { almanac: AlmanacData }) {
    return (
        <div className="overflow-x-auto">
            <table className="w-full min-w-[64rem] border-collapse align-top">
                <thead>
                    <tr className="border-b border-rule text-left">
                        <td />
                        {almanac.schools.map((school) => (
                            <th key={school.code} scope="col" className="p-1.5 align-top">
                                <span className="font-semibold">{school.name}</span>
                                <span className="block text-fine font-normal text-soft">{school.creed}</span>
                            </th>
                        ))}
                    </tr>
                </thead>
                <tbody>
                    {almanac.questions.map((question) => (
                        <tr key={question.code} className="border-b border-line align-top">
                            <th scope="row" className="p-1.5 text-left font-medium">
                                {question.text}
                            </th>
                            {almanac.schools.map((school) => (
                                <td key={school.code} className="p-1.5">
                                    {
                                        question.options.find((option) => option.code === school.answers[question.code])
                                            ?.text
                                    }
                                </td>
                            ))}
                        </tr>
                    ))}
                </tbody>
            </table>
            <Severities almanac={almanac} />
        </div>
    )
}

/** What the answers come to: how grave each school takes a habit or taste. */
function Severities({ almanac }: { almanac: AlmanacData }) {
    const rules = almanac.rules.filter((rule) => almanac.schools.some((school) => rule.code in school.severities))
    return (
        <table className="mt-6 w-full min-w-[64rem] border-collapse">
            <caption className="wide mb-1 text-left font-semibold">How grave each takes what</caption>
            <thead>
                <tr className="border-b border-rule text-left text-fine text-soft">
                    <th scope="col" className="p-1.5 font-medium">
                        Rule
                    </th>
                    {almanac.schools.map((school) => (
                        <th key={school.code} scope="col" className="p-1.5 font-medium">
                            {school.name}
                        </th>
                    ))}
                </tr>
            </thead>
            <tbody>
                {rules.map((rule) => (
                    <tr key={rule.code} className="border-b border-line">
                        <th scope="row" className="p-1.5 text-left font-medium">
                            {rule.code.replaceAll('-', ' ')}
                        </th>
                        {almanac.schools.map((school) => {
                            const severity = school.severities[rule.code]
                            return (
                                <td key={school.code} className="p-1.5">
                                    {severity === undefined
                                        ? 'as usual'
                                        : severity === null
                                          ? 'not minded'
                                          : SEVERITY_WORD[severity]}
                                </td>
                            )
                        })}
                    </tr>
                ))}
            </tbody>
        </table>
    )
}
