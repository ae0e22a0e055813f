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
                                    {question.options.find((option) => option.code === school.answers[question.code])?.text}
                                </td>
                            ))}
                        </tr>
                    ))}
                </tbody>
            </table>
        </div>
    )
}
