namespace Krasis.Web.Tests.Hosting;

/// <summary>Numbers, lists and texts that no bar sends: each is a problem, and never a 500.</summary>
public sealed class BadNumbersTests(KrasisServer server) : IClassFixture<KrasisServer>
{
    private const string Build =
        """{"name":"Odd","reserveMm":10,"sizes":["reed"],"referenceSize":"reed","lines":[{"id":"m","ingredient":"farm-milk","measure":"ml","amount":AMOUNT}]}""";
    private const string Pump = """{"name":"Odd pump","ingredient":"sesame-sauce","strokeMl":NUMBER}""";

    [Theory]
    [InlineData("1e400", 400)]
    [InlineData("-1e400", 400)]
    [InlineData("5e-324", 400)]
    [InlineData("1e-320", 400)]
    [InlineData("1e13", 400)]
    [InlineData("9e-151", 400)]
    [InlineData("1e-150", 200)]
    [InlineData("-0", 200)]
    [InlineData("-0.0", 200)]
    public async Task An_amount_that_cannot_be_measured_is_told(string amount, int status)
    {
        var answer = await server.Post("/api/mix", Build.Replace("AMOUNT", amount, StringComparison.Ordinal));

        Assert.Equal(status, answer.Status);
        if (status == 400)
        {
            Assert.Equal(["lines[0].amount"], answer.Fields);
        }
    }

    [Theory]
    [InlineData("""{"ingredient":{"line":"m","to":"oat-drink"}}""")]
    [InlineData("""{"measure":{"line":"m","to":"g"}}""")]
    [InlineData("""{"sizes":["reed","wren"]}""")]
    [InlineData("""{"near":{"line":"m","size":"reed","amount":-0}}""")]
    [InlineData("""{"cells":[{"line":"m","size":"reed","amount":-0.0}]}""")]
    [InlineData("""{"typed":[{"line":"m","size":"reed","text":"half"}]}""")]
    public async Task Minus_nothing_is_edited_like_nothing(string edit)
    {
        var answers = new List<Answer>();
        foreach (var amount in new[] { "0", "-0" })
        {
            answers.Add(
                await server.Post(
                    "/api/edit",
                    $$"""{"build":{{Build.Replace("AMOUNT", amount, StringComparison.Ordinal)}},"edit":{{edit}} }"""
                )
            );
        }

        Assert.Equal((200, 200), (answers[0].Status, answers[1].Status));
        Assert.Equal(
            answers[0].Text.Replace("-0", "0", StringComparison.Ordinal),
            answers[1].Text.Replace("-0", "0", StringComparison.Ordinal)
        );
    }

    [Theory]
    [InlineData("/api/bar/dispensers/try", "1e400")]
    [InlineData("/api/bar/dispensers/try", "5e-324")]
    [InlineData("/api/bar/dispensers/try", "-0")]
    [InlineData("/api/bar/dispensers", "1e400")]
    [InlineData("/api/bar/dispensers", "-0")]
    public async Task A_number_of_a_fact_that_cannot_be_measured_is_told(string path, string number) =>
        Assert.InRange(
            (await server.Post(path, Pump.Replace("NUMBER", number, StringComparison.Ordinal))).Status,
            200,
            422
        );

    [Theory]
    [InlineData("brix", "-0")]
    [InlineData("packPrice", "5e-324")]
    [InlineData("packPrice", "1e-320")]
    [InlineData("densityGramsPerMl", "5e-324")]
    public async Task A_number_of_an_ingredient_that_cannot_be_measured_never_takes_the_library_down(
        string field,
        string number
    )
    {
        var answer = await server.Post(
            "/api/bar/ingredients",
            $$"""{"name":"Odd {{field}} {{number}}","kind":"syrup","colour":"#aabbcc","densityGramsPerMl":1.2,"packAmount":1000,"{{field}}":{{number}}}""".Replace(
                "\"densityGramsPerMl\":1.2,",
                field == "densityGramsPerMl" ? "" : "\"densityGramsPerMl\":1.2,",
                StringComparison.Ordinal
            )
        );

        Assert.InRange(answer.Status, 200, 422);
        Assert.Equal(200, (await server.Get("/api/builds")).Status);
        Assert.Equal(200, (await server.Get("/api/bar")).Status);
    }

    [Fact]
    public async Task A_day_at_the_end_of_time_is_none()
    {
        var answer = await server.Post(
            "/api/bar/ingredients",
            """{"name":"Late","kind":"syrup","colour":"#aabbcc","densityGramsPerMl":1.2,"openedOn":"9999-12-31","openedDays":30}"""
        );

        Assert.Equal((422, "openedOn"), (answer.Status, answer.Fields[0]));
    }

    [Theory]
    [InlineData("/api/edit", """{"build":{},"edit":{}}""")]
    [InlineData("/api/edit", """{"build":{},"edit":{"mend":{}}}""")]
    [InlineData(
        "/api/edit",
        """{"build":{"lines":[null]},"edit":{"mend":{"label":"x","edits":[null],"changes":[null]}}}"""
    )]
    [InlineData(
        "/api/edit",
        """{"build":{"lines":[null,{"id":"a","pins":[null]}]},"edit":{"mend":{"label":"x","edits":[{"line":"a","size":"b","amount":1}],"changes":[]}}}"""
    )]
    [InlineData(
        "/api/edit",
        """{"build":{"lines":[{"id":"a"}]},"edit":{"mend":{"label":"x","edits":[],"changes":[{"line":"a","field":"ingredient"},{"line":"b","field":"remove"},{"line":"a","field":"before"}]}}}"""
    )]
    [InlineData(
        "/api/edit",
        """{"build":{"lines":[{}]},"edit":{"typed":[null,{"line":null,"size":null,"text":null}]}}"""
    )]
    [InlineData(
        "/api/edit",
        """{"build":{"lines":[{"id":"a","ingredient":"farm-milk","measure":"ml"}]},"edit":{"typed":[{"line":"a","size":null,"text":null},{"line":"a","size":"x","text":"half"}]}}"""
    )]
    [InlineData(
        "/api/edit",
        """{"build":{"lines":[{"id":"a","ingredient":"farm-milk","measure":"ml","amount":1}]},"edit":{"measure":{"line":"a","to":null}}}"""
    )]
    [InlineData(
        "/api/edit",
        """{"build":{"lines":[{"id":"a"}]},"edit":{"ingredient":{"line":"a","to":"farm-milk"}}}"""
    )]
    [InlineData(
        "/api/edit",
        """{"build":{"lines":[{"id":"a"}],"referenceSize":"reed"},"edit":{"sizes":[null,"wren","wren"]}}"""
    )]
    [InlineData("/api/edit", """{"build":{"lines":[{"id":"a"}]},"edit":{"reference":"wren"}}""")]
    [InlineData("/api/edit", """{"build":{"lines":[{"id":"a"}]},"edit":{"add":{"line":null,"to":"farm-milk"}}}""")]
    [InlineData(
        "/api/edit",
        """{"build":{"lines":[{"id":"a"}]},"edit":{"surface":{"line":"a","size":null,"mm":-5}}}"""
    )]
    [InlineData(
        "/api/edit",
        """{"build":{"lines":[{"id":"a","ingredient":"farm-milk","measure":"ml"}]},"edit":{"near":{"line":"a","size":null,"amount":-5}}}"""
    )]
    [InlineData(
        "/api/mix",
        """{"lines":[null],"sizes":[null],"prices":[null],"tags":[null],"waivers":[null],"claims":[null]}"""
    )]
    [InlineData("/api/transform", """{"build":{"lines":[null]},"to":"lessSweet","percent":50}""")]
    [InlineData("/api/advise", """{"build":{"lines":[null]},"size":"reed"}""")]
    [InlineData("/api/quantities/read", """{"text":"５","ingredient":"farm-milk","measure":"ml"}""")]
    [InlineData("/api/quantities/read", """{"text":"١٢","ingredient":"farm-milk","measure":"ml"}""")]
    [InlineData("/api/quantities/read", """{"text":"1/0","ingredient":"farm-milk","measure":"ml"}""")]
    [InlineData(
        "/api/quantities/read",
        """{"text":"5","ingredient":"farm-milk","measure":"ml","build":{"lines":[null],"sizes":["reed"]},"size":"reed","line":"x","mix":true}"""
    )]
    [InlineData("/api/pantry/check", """{"text":"\ud800","name":"a.json"}""")]
    public async Task Lists_with_nothing_in_them_and_odd_texts_are_never_a_500(string path, string body) =>
        Assert.InRange((await server.Post(path, body)).Status, 200, 422);

    [Fact]
    public async Task A_merge_of_builds_with_nulls_is_never_a_500()
    {
        var id = (string)(await server.Get("/api/builds")).Json[0]!["id"]!;

        Assert.InRange(
            (
                await server.Post(
                    $"/api/builds/{id}/merge",
                    """{"origin":{"lines":[null],"tags":[null]},"mine":{"prices":[null],"waivers":[null]}}"""
                )
            ).Status,
            200,
            422
        );
    }

    [Fact]
    public async Task A_charset_that_nobody_knows_is_told()
    {
        using var content = new StringContent("{}");
        content.Headers.Remove("Content-Type");
        content.Headers.TryAddWithoutValidation("Content-Type", "application/json; charset=nope");
        using var answer = await server.Http.PostAsync(
            new Uri("/api/mix", UriKind.Relative),
            content,
            TestContext.Current.CancellationToken
        );

        Assert.InRange((int)answer.StatusCode, 400, 415);
    }
}
