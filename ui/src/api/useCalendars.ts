import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { askAgain } from "./askAgain";
import { answer, api } from "./client";

const calendarsKey = ["calendars"];

/** By which links does a calendar read my practicals, or those of a room? */
export function useCalendars() {
  return useQuery({ queryKey: calendarsKey, queryFn: () => answer(api.GET("/calendars")) });
}

/** Makes a link; its address is told this once. */
export function useMakeCalendar() {
  const queries = useQueryClient();

  return useMutation({
    mutationFn: (room: string | null) => answer(api.POST("/calendars", { body: { room } })),
    onSuccess: () => askAgain(queries, calendarsKey),
  });
}

export function useEndCalendar() {
  const queries = useQueryClient();

  return useMutation({
    mutationFn: (calendar: string) => answer(api.DELETE("/calendars/{calendar}", { params: { path: { calendar } } })),
    onSuccess: () => askAgain(queries, calendarsKey),
  });
}
