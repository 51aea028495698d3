#pragma once
#include <stdint.h>
typedef enum { CLOCK_MONOTONIC_RAW = 4 } clockid_t;
extern uint64_t clock_gettime_nsec_np(clockid_t clock);
