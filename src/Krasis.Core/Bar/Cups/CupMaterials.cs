namespace Krasis.Core.Bar.Cups;

/// <summary>What is taken for a material until the cup itself has been measured: round figures from memory of
/// engineering handbooks for the materials, and of cups taken apart for the thicknesses.</summary>
public static class CupMaterials
{
    /// <summary>What keeps heat in a wall, m²·K/W: its thickness ÷ its conductivity. Single paper 0.4 mm ÷ 0.06; double
    /// paper with an air gap of about a millimetre; plastic 0.4 mm ÷ 0.2; glass 3 mm ÷ 1; ceramic 4 mm ÷ 1.3; steel
    /// with a vacuum between.</summary>
    public static double WallResistance(CupMaterial material) =>
        material switch
        {
            CupMaterial.Paper => 0.007,
            CupMaterial.DoublePaper => 0.07,
            CupMaterial.Plastic => 0.002,
            CupMaterial.Glass => 0.003,
            CupMaterial.Ceramic => 0.003,
            _ => 0.8,
        };

    /// <summary>What a square millimetre of the wall weighs, g: paper 300 g/m² and a coating, twice that and more
    /// double; plastic 0.4 mm × 1.05; glass 3 mm × 2.5; ceramic 4 mm × 2.4; steel 2 × 0.5 mm × 7.9.</summary>
    public static double GramsPerSquareMillimetre(CupMaterial material) =>
        material switch
        {
            CupMaterial.Paper => 330e-6,
            CupMaterial.DoublePaper => 700e-6,
            CupMaterial.Plastic => 420e-6,
            CupMaterial.Glass => 7500e-6,
            CupMaterial.Ceramic => 9600e-6,
            _ => 7900e-6,
        };

    /// <summary>Heat that warms a gram of it by a kelvin, J: paper 1.4, plastic 1.7, glass 0.84, stoneware 0.9, steel
    /// 0.5.</summary>
    public static double SpecificHeat(CupMaterial material) =>
        material switch
        {
            CupMaterial.Paper or CupMaterial.DoublePaper => 1.4,
            CupMaterial.Plastic => 1.7,
            CupMaterial.Glass => 0.84,
            CupMaterial.Ceramic => 0.9,
            _ => 0.5,
        };

    /// <summary>The share of the wall that comes to the drink's temperature: behind an air gap or a vacuum only the
    /// inner half does.</summary>
    public static double SharesHeat(CupMaterial material) =>
        material is CupMaterial.DoublePaper or CupMaterial.Steel ? 0.5 : 1;
}
