<?php

declare(strict_types=1);

namespace Aenum\Core\Units;

/** Constants of nature and of convention, each stated once. */
final class Constant
{
    /** 0 °C in kelvin (definition of the Celsius scale, BIPM SI brochure). */
    public const KELVIN_AT_0_C = 273.15;

    /** Standard atmosphere, bar (ISO 2533). */
    public const ATMOSPHERE_BAR = 1.01325;

    /** Stefan–Boltzmann constant, W/(m²·K⁴) (CODATA 2018). */
    public const STEFAN_BOLTZMANN = 5.670374419e-8;

    /** Molar gas constant, J/(mol·K) (CODATA 2018). */
    public const GAS = 8.314462618;

    /** Standard deviation of a temperature read on the floor, K. House figure, unverified. */
    public const READING_SIGMA_K = 4.0;
}
