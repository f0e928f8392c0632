/** Something that people ask, with a first answer and the page that answers in full. */
export interface HelpTopic {
  id: string
  title: string
  answer: string
  href: string
  /** Other words that people type for it. */
  asks: string
}
