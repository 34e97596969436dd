using Krasis.Core.Quantities;

namespace Krasis.Core.Bar.Cups;

/// <summary>What is taken for a material until the cup itself has been measured.</summary>
public static class CupMaterials
{
    /// <summary>Heat that a cup of about 350 ml with a lid loses for each kelvin, W/K: beginnings without a source, of the size
    /// that cups of hot water lose when they are timed. Measure your own.</summary>
    public static WattsPerKelvin UsualLoss(CupMaterial material) => WattsPerKelvin.From(material switch
    {
        CupMaterial.DoublePaper => 0.45,
        CupMaterial.Plastic => 0.65,
        CupMaterial.Glass => 0.75,
        CupMaterial.Ceramic => 0.7,
        CupMaterial.Steel => 0.12,
        _ => 0.6,
    });
}
