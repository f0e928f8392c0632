/** A scale that sends lines of text, be it real or made up. */
export interface ScalePort {
  name: string
  /**
   * Begins to listen; each line is handed over as it comes. @throws where it cannot be opened, with words for the
   * person
   */
  open(onLine: (line: string) => void): Promise<void>
  /** Asks for zero; a scale that takes no orders answers false, and its own button must be pressed. */
  tare(): Promise<boolean>
  close(): Promise<void>
}
