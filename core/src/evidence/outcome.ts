/** What a test at the end came to. A test nobody made is absent: "not inspected" is neither a verdict nor a bar [D]. */
export type Outcome = 'passed' | 'failed';
