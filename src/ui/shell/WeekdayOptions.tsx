import { weekdays } from './weekdays'

/** The days of a week to choose from. @param from the day with which the house begins it, 0 Sunday */
export const Weekdays = ({ from }: { from: number }) =>
  weekdays(from).map(({ day, name }) => (
    <option key={day} value={day}>
      {name}
    </option>
  ))
