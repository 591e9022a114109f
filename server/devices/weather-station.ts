import type { GardenHere } from '../../core/garden/here';
import { simulatedStation } from '../../core/place/weather/station';
import type { WeatherSource } from '../../core/place/weather/weather';

/** Where a garden’s weather comes from: the station that ships with the application, until a real one takes its place. */
export const weatherStation = (here: GardenHere): WeatherSource => simulatedStation(here.stationPlace);
